<?php

namespace DuskSwitch\Core\Airframe;

use DuskSwitch\Core\Program\Feed;
use DuskSwitch\Core\Program\ProportionalFunction;
use DuskSwitch\Core\Program\Purpose;
use DuskSwitch\Core\Program\Role;
use DuskSwitch\Core\Program\Source\FunctionSource;
use DuskSwitch\Core\Units\Range;

/** A camera that pans and tilts, added to whatever is there. */
final class PanTiltRecipe implements Recipe
{
    public function id(): string
    {
        return 'pan-tilt';
    }

    public function title(): string
    {
        return 'Camera pan and tilt';
    }

    public function says(): string
    {
        return 'Adds two channels on sliders or dials, slowed so that the picture stays calm.';
    }

    public function families(): array
    {
        return [];
    }

    public function settings(): array
    {
        return [
            RecipeSetting::flag('pan', 'Pan', true),
            RecipeSetting::percent('pan-throw', 'Pan throw', 1.0, 0.1, 1.5, 'Right is positive'),
            RecipeSetting::flag('tilt', 'Tilt', true),
            RecipeSetting::percent('tilt-up', 'Tilt up', 0.5, 0.0, 1.5, 'Up is positive'),
            RecipeSetting::percent('tilt-down', 'Tilt down', 1.0, 0.0, 1.5),
            RecipeSetting::number('slow', 'Slow', 2.0, 0.0, 20.0, 's', 'From end to end'),
        ];
    }

    public function plan(RecipeSettings $settings, string $base): Plan
    {
        $plan = new Plan();
        foreach (
            [
                'pan' => new Range($settings->number('pan-throw'), $settings->number('pan-throw')),
                'tilt' => new Range($settings->number('tilt-down'), $settings->number('tilt-up')),
            ] as $id => $weight
        ) {
            if ($settings->flag($id)) {
                $slow = $settings->number('slow') > 0 ? Range::both($settings->number('slow')) : null;
                $plan = $plan->and(
                    new Plan(
                        [
                            new ProportionalFunction(
                                id: $id,
                                name: 'Camera '.$id,
                                drive: null,
                                purpose: Purpose::from('camera-'.$id),
                            ),
                        ],
                        [$id => PreferredControl::Lever],
                        [
                            new Surface('Camera '.$id, Role::Other, [
                                new Feed(source: new FunctionSource($id), weight: $weight, slow: $slow),
                            ]),
                        ],
                    ),
                );
            }
        }

        return $plan;
    }
}
