<?php

namespace DuskSwitch\Tests\Core\Documents;

use DuskSwitch\Core\Airframe\Recipe;
use DuskSwitch\Core\Airframe\Recipes;
use DuskSwitch\Core\Airframe\RecipeSettings;
use DuskSwitch\Core\Airframe\RecipeWriter;
use DuskSwitch\Core\Document\Part;
use DuskSwitch\Core\Document\Walk;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Format\ProgramEncoder;
use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Condition\ControlAt;
use DuskSwitch\Core\Program\Condition\Named;
use DuskSwitch\Core\Program\TrainerLink;
use DuskSwitch\Tests\Core\Everything;
use DuskSwitch\Tests\Core\Given;
use PHPUnit\Framework\TestCase;

/** A part that is copied keeps all that isn't changed, whatever fields it gets one day. */
final class CopyTest extends TestCase
{
    public function test_every_part_keeps_what_is_not_changed(): void
    {
        $seen = [];
        foreach (self::parts(ProgramDecoder::decode(Everything::text())) as $part) {
            $seen[$part::class] = true;
            self::assertEquals($part, $part->with());
            self::assertNotSame($part, $part->with());
            foreach (get_object_vars($part) as $field => $value) {
                self::assertEquals($part, $part->with(...[$field => $value]));
            }
        }
        self::assertGreaterThan(20, count($seen), implode(', ', array_keys($seen)));
    }

    public function test_a_field_is_changed_by_its_name_and_no_other_is(): void
    {
        $feed = ProgramDecoder::decode(Everything::text())->outputs[0]->feeds[0];
        $late = $feed->with(delay: 1.25);
        self::assertSame(1.25, $late->delay);
        self::assertEquals($feed, $late->with(delay: $feed->delay));
        self::assertNull($late->with(when: null)->when);
        $this->expectException(\Error::class);
        $feed->with(lag: 1.0);
    }

    /** Recipes without a limit of two functions together once dropped the student's transmitter. */
    public function test_a_recipe_keeps_what_it_does_not_write(): void
    {
        $recipe = Recipes::find('plane');
        assert($recipe instanceof Recipe);
        $trainer = new TrainerLink(when: new ControlAt('left-front', 'away'), axes: [Axis::Roll]);
        $settings = RecipeSettings::of($recipe->settings(), []);
        $program = Given::circuit(Given::demo('tern'))->program->with(trainer: $trainer);
        $written = RecipeWriter::fit($recipe, $settings, $program, Given::transmitter($program->transmitter))->program;
        self::assertSame($trainer, $written->trainer);
        self::assertSame($program->notes, $written->notes);
    }

    public function test_what_goes_through_a_program_finds_each_condition_wherever_it_stands(): void
    {
        $program = ProgramDecoder::decode(Everything::text());
        $written = ProgramEncoder::encode($program);
        $found = Walk::each($program, Condition::class);
        $named = fn (Condition $one): Condition => new Named('one-of-'.$one::class);
        $changed = Walk::map($program, Condition::class, $named);
        self::assertCount(count($found), Walk::each($changed, Named::class));
        self::assertSame($written, ProgramEncoder::encode($program), 'the one before stays as it was');
        self::assertSame($program, Walk::map($program, Condition::class, fn (Condition $one): Condition => $one));
        // As text they stand under these keys, and nowhere else.
        $keys = ['when', 'after', 'while', 'reset'];
        $count = function (mixed $node) use (&$count, $keys): int {
            $sum = 0;
            foreach (is_array($node) ? $node : [] as $key => $value) {
                $sum += in_array($key, $keys, true) ? 1 : $count($value);
            }

            return $sum;
        };
        $document = json_decode($written, true);
        assert(is_array($document));
        $table = count((array) $document['conditions']);
        unset($document['conditions']);
        self::assertGreaterThan(3, $table);
        self::assertCount($count($document) + $table, $found);
    }

    /** @return iterable<Part> those in a value, at any depth */
    private static function parts(mixed $value): iterable
    {
        if ($value instanceof Part) {
            yield $value;
        }
        if (is_array($value) || (is_object($value) && ! $value instanceof \UnitEnum)) {
            foreach (is_array($value) ? $value : get_object_vars($value) as $inside) {
                yield from self::parts($inside);
            }
        }
    }
}
