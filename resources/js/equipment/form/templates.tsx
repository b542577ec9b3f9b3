import type {
  ArrayFieldItemTemplateProps,
  ArrayFieldTemplateProps,
  FieldTemplateProps,
  ObjectFieldTemplateProps,
} from '@rjsf/utils'
import { ArrowUp, Copy, Plus, X } from 'lucide-react'
import { Button } from '@/parts/Button'
import { IconButton } from '@/parts/IconButton'
import { capital } from '@/parts/words'

/** "lowThrottle" as one says it. */
export const inWords = (name: string) =>
  capital(
    name
      .replaceAll('-', ' ')
      .replace(/([a-z])([A-Z])/g, '$1 $2')
      .toLowerCase(),
  )

const wide = (schema: FieldTemplateProps['schema']) =>
  schema.type === 'object' || (schema.type === 'array' && typeof schema.items === 'object')

function CheckResults({ says }: { says: string[] | undefined }) {
  return says?.map((one) => (
    <span key={one} role="alert" className="block text-rose text-sm">
      ▲ {one}
    </span>
  ))
}

/** A value with its name, what it means, and what is wrong with it. */
export function FieldTemplate({
  id,
  label,
  rawDescription,
  rawErrors,
  required,
  hidden,
  schema,
  uiSchema,
  children,
}: FieldTemplateProps) {
  if (hidden) return <div className="hidden">{children}</div>
  const share = uiSchema?.['ui:options']?.share as string | undefined
  if (schema.type === 'boolean' && uiSchema?.['ui:widget'] !== 'select')
    return (
      <div className={share ?? 'self-end'}>
        {children}
        <CheckResults says={rawErrors} />
      </div>
    )
  const drawnByItself = wide(schema) && !uiSchema?.['ui:field']
  return (
    <div className={drawnByItself ? 'col-span-full min-w-0' : `min-w-0 ${share ?? ''}`}>
      {drawnByItself && <CheckResults says={rawErrors} />}
      {!drawnByItself && (
        <label htmlFor={id} title={rawDescription} className="block text-muted text-sm">
          {uiSchema?.['ui:title'] ?? inWords(label)}
          {rawDescription && !uiSchema?.['ui:title'] && `, ${rawDescription}`}
          {!required && !share && ' (optional)'}
        </label>
      )}
      {children}
      {!drawnByItself && <CheckResults says={rawErrors} />}
    </div>
  )
}

/** The values of something, side by side as far as there is room. */
export function ObjectFieldTemplate({
  title,
  properties,
  fieldPathId,
  description,
  uiSchema,
}: ObjectFieldTemplateProps) {
  const columns = uiSchema?.['ui:options']?.columns ?? 'grid-cols-[repeat(auto-fill,minmax(9rem,1fr))]'
  const depth = fieldPathId.path.length
  const isItem = typeof fieldPathId.path.at(-1) === 'number'
  return (
    <fieldset className={depth === 1 ? 'mt-1 rounded-lg border border-line p-3' : 'min-w-0'}>
      {depth > 0 && !isItem && (
        <legend className={depth === 1 ? 'px-1 font-semibold' : 'pt-2 text-muted'}>
          {inWords(title)}
          {description && <span className="font-normal text-muted text-sm"> · {description}</span>}
        </legend>
      )}
      <div className={`grid items-start gap-x-3 gap-y-2 ${depth === 0 ? 'sm:grid-cols-3' : columns}`}>
        {properties.map((one) => one.content)}
      </div>
    </fieldset>
  )
}

/** A list: every item a row, with a way to add one. */
export function ArrayFieldTemplate({ title, items, onAddClick, canAdd, schema }: ArrayFieldTemplateProps) {
  return (
    <fieldset className="mt-1 rounded-lg border border-line p-3">
      <legend className="px-1 font-semibold">
        {inWords(title)}
        {schema.description && <span className="font-normal text-muted text-sm"> · {schema.description}</span>}
      </legend>
      <div className="grid gap-2">{items}</div>
      {canAdd && (
        <Button look="bare" className="mt-1" aria-label={`Add to ${inWords(title)}`} onClick={onAddClick}>
          <Plus size={15} aria-hidden /> Add one
        </Button>
      )}
    </fieldset>
  )
}

export function ArrayFieldItemTemplate({ children, buttonsProps, index }: ArrayFieldItemTemplateProps) {
  const list = String(buttonsProps.fieldPathId.path.at(-2))
  return (
    <div data-item={`${list}-${index}`} className="flex items-start gap-2 border-line border-b pb-2">
      <div className="min-w-0 flex-1">{children}</div>
      {buttonsProps.hasCopy && (
        <IconButton
          icon={ArrowUp}
          disabled={!buttonsProps.hasMoveUp}
          className="mt-4"
          label={`${inWords(list)} ${index + 1} earlier`}
          onClick={buttonsProps.onMoveUpItem}
        />
      )}
      {buttonsProps.hasCopy && (
        <IconButton
          icon={Copy}
          className="mt-4"
          label={`Copy ${inWords(list)} ${index + 1}`}
          onClick={buttonsProps.onCopyItem}
        />
      )}
      {buttonsProps.hasRemove && (
        <IconButton
          icon={X}
          className="mt-4"
          label={`Remove ${inWords(list)} ${index + 1}`}
          onClick={buttonsProps.onRemoveItem}
        />
      )}
    </div>
  )
}
