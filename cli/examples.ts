/** Calls of each command that work as they stand, given the files that they name. */
export const EXAMPLES: Readonly<Record<string, readonly string[]>> = {
  label: [
    `echo '{"style": {"notation": "scaled"}, "values": [1500]}' | ivory-abacus label`,
    'ivory-abacus label --csv in.csv --column revenue --style style.json > out.csv',
  ],
  read: [
    `echo '{"style": {"notation": "scaled"}, "labels": ["1.5K"]}' | ivory-abacus read`,
    `echo '{"style": {}, "labels": ["1.234"], "reader": "de"}' | ivory-abacus read`,
  ],
  rungs: [`echo '{"ladder": "si"}' | ivory-abacus rungs`],
  ticks: [
    `echo '{"domain": [0, 1], "step": 0.125}' | ivory-abacus ticks`,
    `echo '{"domain": [0, 4200000], "width": 480}' | ivory-abacus ticks`,
  ],
  check: [
    `echo '{"style": {"fraction": [0, 1]}, "values": [0.125, 0.25], "surface": "axis"}' | ivory-abacus check`,
    'ivory-abacus check study.json --data new.csv --fail-on warning',
    'ivory-abacus check study.json --format sarif > findings.sarif',
  ],
  suggest: [`echo '{"values": [1200000, 3400000], "surface": "marks"}' | ivory-abacus suggest`],
  convert: [`echo '{"from": "mile", "to": "kilometer", "values": [5]}' | ivory-abacus convert`],
  inspect: [
    'ivory-abacus inspect harvest.csv',
    'cat harvest.csv | ivory-abacus inspect - --as csv',
  ],
  export: [
    'ivory-abacus export study.json --as module --quantity revenue --surface axis --out src',
    'ivory-abacus export study.json --as csv --verify labels.csv',
  ],
  proof: [
    'ivory-abacus proof chart.svg table.html --readers de,en',
    'ivory-abacus proof chart.svg --style style.json --axis left --out mended.svg',
  ],
  completion: ['source <(ivory-abacus completion bash)'],
}

/** The examples of a command as its help shows them. */
export const examplesOf = (name: string): string =>
  `\nExamples:\n${(EXAMPLES[name] ?? []).map((line) => `  ${line}`).join('\n')}`
