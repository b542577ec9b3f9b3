import type { Proof } from '@/api/types'

type Answer = Proof['rules'][number]['answer']

const ANSWERS: Record<Answer, { mark: string; word: string; tone: string }> = {
  'not proven': { mark: '▲', word: 'Not proven', tone: 'text-rose' },
  findings: { mark: '▲', word: 'Findings', tone: 'text-sodium' },
  'not checked': { mark: '◌', word: 'Not checked', tone: 'text-sodium' },
  proven: { mark: '✓', word: 'Proven', tone: 'text-teal' },
  'does not apply': { mark: '–', word: 'Does not apply', tone: 'text-muted' },
}

const ORDER = Object.keys(ANSWERS) as Answer[]

/** Every rule with its answer, so that an empty list of findings can't be mistaken for a proof. */
export function Rules({ rules }: { rules: Proof['rules'] }) {
  const sorted = [...rules].sort((one, other) => ORDER.indexOf(one.answer) - ORDER.indexOf(other.answer))
  return (
    <section aria-label="Rules" className="mt-5">
      <h2 className="text-muted text-sm">
        {rules.length} rules:{' '}
        {ORDER.map((answer) => ({ answer, count: rules.filter((one) => one.answer === answer).length }))
          .filter(({ count }) => count > 0)
          .map(
            ({ answer, count }) =>
              `${count} ${answer === 'findings' ? 'with findings' : answer === 'does not apply' && count > 1 ? 'do not apply' : answer}`,
          )
          .join(', ')}
      </h2>
      <ul className="mt-1 divide-y divide-line rounded-lg border border-line bg-raised">
        {sorted.map((rule) => {
          const answer = ANSWERS[rule.answer]
          return (
            <li
              key={rule.rule}
              data-rule={rule.rule}
              data-rule-answer={rule.answer}
              className="flex flex-wrap items-baseline gap-x-3 px-3 py-1.5"
            >
              <span className={`w-36 shrink-0 ${answer.tone}`}>
                {answer.mark} {answer.word}
              </span>
              <span className="min-w-64 flex-1 text-sm">
                {rule.says}
                {rule.why && (
                  <span className="block text-muted">
                    {rule.answer === 'not proven' ? rule.why : `Because ${rule.why}.`}
                  </span>
                )}
              </span>
            </li>
          )
        })}
      </ul>
    </section>
  )
}
