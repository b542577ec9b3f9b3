import Form from '@rjsf/core/lib/components/Form.js'
import type { Definition, StoreKind, Stores } from '@/api/types'
import { beside, type Fault, noJudge } from './faults'
import { Doing, Listed, Pair, Several } from './fields'
import { PickLink, PickMode, PickModes, PickSubtype } from './picks'
import { schemas, shown } from './schemas'
import { ArrayFieldItemTemplate, ArrayFieldTemplate, FieldTemplate, ObjectFieldTemplate } from './templates'
import { CheckboxWidget, SelectWidget, TextWidget } from './widgets'

const nothing = () => null
const TEMPLATES = {
  FieldTemplate,
  ObjectFieldTemplate,
  ArrayFieldTemplate,
  ArrayFieldItemTemplate,
  ErrorListTemplate: nothing,
  MultiSchemaFieldTemplate: ({ optionSchemaField }: { optionSchemaField: React.ReactNode }) => optionSchemaField,
}
const WIDGETS = { TextWidget, SelectWidget, CheckboxWidget }
const FIELDS = { Pair, Several, Listed, Doing, PickLink, PickSubtype, PickMode, PickModes }

type Props = {
  kind: StoreKind
  value: Definition
  stores: Stores | undefined
  faults: Fault[]
  onChange: (value: Definition) => void
}

/** A definition as a form, drawn from its published schema; what is wrong stands beside its field. */
export function DefinitionForm({ kind, value, stores, faults, onChange }: Props) {
  return (
    <Form
      tagName="div"
      schema={schemas[kind]}
      uiSchema={{ ...shown[kind], 'ui:submitButtonOptions': { norender: true } }}
      validator={noJudge}
      noValidate
      experimental_defaultFormStateBehavior={{
        emptyObjectFields: 'skipDefaults',
        arrayMinItems: { populate: 'never' },
      }}
      formData={value}
      formContext={{ stores, value }}
      extraErrors={beside(faults)}
      templates={TEMPLATES}
      widgets={WIDGETS}
      fields={FIELDS}
      onChange={(event) => onChange(event.formData as Definition)}
    />
  )
}
