import { Switch } from 'radix-ui'
import type { Setting } from '@/api/types'
import { Choice } from '@/parts/Choice'
import { Field } from '@/parts/Field'
import { NumberField } from '@/parts/NumberField'

type Value = number | boolean | string
type Props = { setting: Setting; value: Value; onChange: (value: Value) => void }

/** One thing that is chosen in a recipe. */
export function SettingField({ setting, value, onChange }: Props) {
  const id = `setting-${setting.id}`
  return (
    <div data-setting={setting.id}>
      <Field label={setting.name} htmlFor={id}>
        {setting.kind === 'choice' && (
          <Choice id={id} label={setting.name} value={String(value)} options={setting.options} onChange={onChange} />
        )}
        {setting.kind === 'flag' && (
          <Switch.Root
            id={id}
            checked={value === true}
            onCheckedChange={onChange}
            className="h-6 w-11 rounded-full border border-edge bg-deep p-0.5 data-[state=checked]:bg-ember"
          >
            <Switch.Thumb className="block size-4.5 rounded-full bg-ink transition-transform data-[state=checked]:translate-x-5" />
          </Switch.Root>
        )}
        {(setting.kind === 'percent' || setting.kind === 'number') && (
          <NumberField
            id={id}
            label={setting.name}
            value={Number(value)}
            least={setting.least}
            most={setting.most}
            unit={setting.kind === 'percent' ? '%' : setting.unit === 's' ? 's' : '°'}
            onChange={onChange}
          />
        )}
      </Field>
      {setting.says && <p className="text-muted text-sm">{setting.says}</p>}
    </div>
  )
}
