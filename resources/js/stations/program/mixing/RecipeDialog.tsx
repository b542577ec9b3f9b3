import { useEffect, useState } from 'react'
import { propose, said, takeOver } from '@/api/proposals'
import { useRecipes } from '@/api/queries'
import type { Proposal, Recipe, Setting } from '@/api/types'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { counts } from '@/parts/counting'
import { Dialog } from '@/parts/Dialog'
import { Proposed } from '@/parts/Proposed'
import type { View } from '../views'
import { SettingField } from './SettingField'

type Values = Record<string, number | boolean | string>

/** An airframe recipe: what to choose, and what it would change in the program, before it does. */
export function RecipeDialog({ document, onClose }: View & { onClose: () => void }) {
  const { data } = useRecipes()
  const recipes = data?.recipes ?? []
  const applied = document.recipe
  const usual = applied?.id ?? recipes.find((one) => one.families.includes(document.family))?.id
  const [chosen, setChosen] = useState<string | null>(null)
  const recipe = recipes.find((one) => one.id === (chosen ?? usual))
  return (
    <Dialog
      open
      wide
      title="Airframe recipe"
      says="It writes the mixing; all of it can be edited afterwards. Controls, direction, ends and centres that you set stay."
      onClose={onClose}
    >
      <Choice
        label="Recipe"
        value={recipe?.id ?? ''}
        options={recipes.map((one) => ({
          id: one.id,
          name: one.title,
          group: one.families.includes(document.family)
            ? 'For this family'
            : one.families.length === 0
              ? 'Adds to any'
              : 'Others',
        }))}
        onChange={setChosen}
      />
      {recipe && (
        <Form
          key={recipe.id}
          recipe={recipe}
          given={applied?.id === recipe.id ? ((applied.settings ?? {}) as Values) : {}}
          document={document}
          onClose={onClose}
        />
      )}
    </Dialog>
  )
}

type FormProps = { recipe: Recipe; given: Values; document: View['document']; onClose: () => void }

function Form({ recipe, given, document, onClose }: FormProps) {
  const [values, setValues] = useState<Values>(() =>
    Object.fromEntries(recipe.settings.map((one) => [one.id, given[one.id] ?? one.default])),
  )
  const [proposal, setProposal] = useState<Proposal | null>(null)
  const [problem, setProblem] = useState<string | null>(null)
  useEffect(() => {
    let wanted = true
    setProblem(null)
    propose.recipe(document, recipe.id, values).then(
      (answer) => wanted && setProposal(answer),
      (error) => wanted && setProblem(said(error)),
    )
    return () => {
      wanted = false
    }
  }, [document, recipe.id, values])
  const isAsked = (setting: Setting) => counts(setting, recipe.settings, (one) => String(values[one.id] ?? one.default))
  return (
    <div className="mt-3 grid gap-4 md:grid-cols-2">
      <div className="grid max-h-[46vh] content-start gap-1 overflow-auto pr-2">
        <p className="text-sm">{recipe.says}</p>
        {recipe.settings.filter(isAsked).map((setting) => (
          <SettingField
            key={setting.id}
            setting={setting}
            value={values[setting.id] ?? setting.default}
            onChange={(value) => setValues({ ...values, [setting.id]: value })}
          />
        ))}
      </div>
      <div className="flex flex-col gap-2">
        <h3 className="text-muted text-sm">Changes</h3>
        <Proposed proposal={proposal} problem={problem} nothing="The program is as this recipe writes it." />
        <div className="mt-auto flex justify-end gap-2">
          <Button onClick={onClose}>Cancel</Button>
          <Button
            look="main"
            disabled={!proposal || problem !== null || proposal.changes.length === 0}
            onClick={() => {
              if (proposal) takeOver(proposal, `Recipe: ${recipe.title}`)
              onClose()
            }}
          >
            Apply
          </Button>
        </div>
      </div>
    </div>
  )
}
