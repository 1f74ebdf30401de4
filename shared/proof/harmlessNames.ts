/** Names from SVG 2 (https://www.w3.org/TR/SVG2/) that only draw. */
const words = (text: string): ReadonlySet<string> => new Set(text.trim().split(/\s+/))

/** Elements, in lower case, as HTML pages write them. */
export const ELEMENTS = words(`
  svg g defs symbol use title desc switch a style
  path rect circle ellipse line polyline polygon image
  text tspan textpath
  lineargradient radialgradient stop pattern clippath mask marker
  filter feblend fecolormatrix fecomponenttransfer fecomposite feconvolvematrix
  fediffuselighting fedisplacementmap fedistantlight fedropshadow feflood
  fefunca fefuncb fefuncg fefuncr fegaussianblur femerge femergenode femorphology
  feoffset fepointlight fespecularlighting fespotlight fetile feturbulence
`)

/** CSS properties for the look of an element; most of them are attributes too. */
export const PRESENTATION = words(`
  alignment-baseline baseline-shift clip clip-path clip-rule color color-interpolation
  color-interpolation-filters color-rendering direction display dominant-baseline
  fill fill-opacity fill-rule filter flood-color flood-opacity
  font font-family font-feature-settings font-kerning font-size font-size-adjust font-stretch
  font-style font-variant font-variant-numeric font-variation-settings font-weight
  glyph-orientation-horizontal glyph-orientation-vertical image-rendering isolation
  letter-spacing lighting-color line-height marker marker-end marker-mid marker-start
  mask mask-type mix-blend-mode opacity overflow paint-order pointer-events
  shape-rendering stop-color stop-opacity stroke stroke-dasharray stroke-dashoffset
  stroke-linecap stroke-linejoin stroke-miterlimit stroke-opacity stroke-width
  text-align text-anchor text-decoration text-decoration-color text-decoration-line
  text-orientation text-overflow text-rendering text-transform
  transform transform-box transform-origin unicode-bidi vector-effect visibility
  white-space word-spacing writing-mode
  x y cx cy r rx ry d width height
`)

/** Other attributes, in lower case. */
export const ATTRIBUTES = words(`
  id class lang role version baseprofile
  x1 x2 y1 y2 fx fy fr dx dy points viewbox preserveaspectratio rotate
  textlength lengthadjust startoffset method spacing side pathlength offset
  gradientunits gradienttransform spreadmethod patternunits patterncontentunits patterntransform
  clippathunits maskunits maskcontentunits markerunits markerwidth markerheight refx refy orient
  filterunits primitiveunits in in2 result stddeviation type mode operator values
  k1 k2 k3 k4 radius scale order tablevalues slope intercept amplitude exponent
  numoctaves basefrequency seed stitchtiles surfacescale diffuseconstant specularconstant
  specularexponent limitingconeangle azimuth elevation z pointsatx pointsaty pointsatz
  divisor bias targetx targety edgemode kernelmatrix kernelunitlength preservealpha
  xchannelselector ychannelselector media systemlanguage
`)
