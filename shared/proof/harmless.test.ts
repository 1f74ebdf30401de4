import { drawingsOf } from './svg'

const svg = (inner: string, attributes = '') =>
  `<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" width="100" height="100" ${attributes}>${inner}</svg>`
const shown = (inner: string, attributes = '') => drawingsOf(svg(inner, attributes))[0]!.svg()

/** Pieces of hostile files. Each contains a word that must not be in the result. */
const HOSTILE: Readonly<Record<string, string>> = {
  'a script': '<script>alert(1)</script>',
  'a script with a prefix': '<x:script xmlns:x="http://www.w3.org/2000/svg">alert(1)</x:script>',
  'a script of HTML': '<h:script xmlns:h="http://www.w3.org/1999/xhtml">alert(1)</h:script>',
  'HTML by a namespace of its own': '<div xmlns="http://www.w3.org/1999/xhtml"><b>alert</b></div>',
  'an element of an unknown namespace': '<rect xmlns="urn:x" alert="1"/>',
  'a handler': '<rect onclick="alert(1)"/>',
  'a handler with a prefix': '<rect ev:onclick="alert(1)" xmlns:ev="urn:x"/>',
  'an event': '<handler xmlns="http://www.w3.org/2001/xml-events">alert(1)</handler>',
  'a link': '<a href="javascript:alert(1)"><text>1</text></a>',
  'a link with blanks in it': '<a xlink:href=" java&#10;script:alert(1)"><text>1</text></a>',
  'a link with another prefix':
    '<a y:href="https://evil.example" xmlns:y="http://www.w3.org/1999/xlink"><text>1</text></a>',
  'an image from elsewhere': '<image href="https://evil.example/a.png"/>',
  'a drawing as an image': '<image href="data:image/svg+xml,&lt;svg onload=alert(1)&gt;"/>',
  'a use of another file': '<use href="//evil.example/a.svg#x"/>',
  'a filter’s image': '<filter><feImage href="https://evil.example/a.png"/></filter>',
  'foreign content': '<foreignObject><iframe src="https://evil.example"/></foreignObject>',
  'an animation': '<animate attributeName="href" to="javascript:alert(1)"/>',
  'another animation': '<set attributeName="onclick" to="alert(1)"/>',
  'a moving animation': '<animateMotion onbegin="alert(1)"/>',
  'a video': '<video src="https://evil.example"/>',
  'an embedded file': '<embed src="https://evil.example"/>',
  'a discard': '<discard onend="alert(1)"/>',
  'an import': '<style>@import url(https://evil.example)</style>',
  'an import without a function': '<style>@import "https://evil.example";</style>',
  'an import in escapes': '<style>@\\69mport "https://evil.example";</style>',
  'a font': '<style>@font-face{font-family:a;src:url(https://evil.example)}</style>',
  'a namespace': '<style>@namespace url(https://evil.example);</style>',
  'a background': '<style>rect{background:url(https://evil.example)}</style>',
  'an address in escapes': '<style>rect{fill:u\\72l(https://evil.example)}</style>',
  'an address behind a comment': '<style>rect{fill:url(/**/https://evil.example)}</style>',
  'an address in a variable': '<style>rect{--a:url(https://evil.example)}</style>',
  'a set of images': '<style>rect{cursor:image-set("https://evil.example" 1x)}</style>',
  'a set of images that masks': '<style>rect{mask:image-set("https://evil.example" 1x)}</style>',
  'an expression': '<style>rect{width:expression(alert(1))}</style>',
  'a binding': '<style>rect{-moz-binding:url(https://evil.example)}</style>',
  'a sheet in a section of its own': '<style><![CDATA[@import "https://evil.example";]]></style>',
  'a sheet that ends early':
    '<style>rect{fill:red}<![CDATA[</style><script>alert(1)</script>]]></style>',
  'a style attribute': '<rect style="fill:url(https://evil.example)"/>',
  'a style attribute in escapes': '<rect style="fill:u\\000072l(https://evil.example)"/>',
  'a style attribute that closes itself':
    '<rect style="fill:red}@import &quot;https://evil.example&quot;;a{"/>',
  'a presentation attribute': '<rect fill="url(https://evil.example#a)"/>',
  'a mask from elsewhere': '<rect mask="url(\'https://evil.example#a\')"/>',
  'a cursor': '<rect cursor="url(https://evil.example)"/>',
  'a base': '<g xml:base="https://evil.example"><use href="#a"/></g>',
  metadata: '<metadata><x onload="alert(1)"/></metadata>',
  'an instruction': '<?xml-stylesheet href="https://evil.example"?>',
  'a comment': '<!-- alert https://evil.example -->',
  'a refresh': '<meta http-equiv="refresh" content="0;url=https://evil.example"/>',
}

test.each(Object.entries(HOSTILE))('%s is removed', (_, inner) => {
  const text = shown(`${inner}<text x="1" y="9">7</text>`)
  expect(text).toContain('<text x="1" y="9">7</text>')
  expect(text).not.toMatch(/alert|evil|script|import|expression|xml:base|onclick|iframe/i)
})

test('the root loses its handlers and its other namespaces', () => {
  const text = shown('', 'onload="alert(1)" viewBox="0 0 9 9" xmlns:evil="urn:evil"')
  expect(text).toBe(
    '<svg width="100" height="100" viewBox="0 0 9 9" xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink"/>',
  )
})

test.each([
  '<g transform="translate(1,2)" class="tick" data-at="3" aria-label="axis"><path d="M0 0h6"/></g>',
  '<rect x="1" y="2" width="3" height="4" fill="url(#stripes)" stroke-width="0.5"/>',
  '<linearGradient id="a" gradientUnits="userSpaceOnUse"><stop offset="0" stop-color="red"/></linearGradient>',
  '<text text-anchor="end" font-size="12" xml:space="preserve"><tspan dy="1em">1 2</tspan></text>',
  '<use href="#a" x="3"/>',
  '<image href="data:image/png;base64,AAAA" width="1" height="1"/>',
  '<clipPath id="c"><circle cx="1" cy="2" r="3"/></clipPath>',
  '<rect style="fill:#c00;stroke:url(#a)"/>',
  '<style>.tick line{stroke:#999;stroke-width:1px}</style>',
  '<style>@media (min-width: 10px){.a{fill:red}}</style>',
])('%s is kept as it is', (inner) => expect(shown(inner)).toContain(inner))

test('a prefix for SVG is removed from the names of elements', () => {
  expect(shown('<v:rect xmlns:v="http://www.w3.org/2000/svg" x="1"/>')).toContain('<rect x="1"/>')
})
