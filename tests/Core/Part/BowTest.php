<?php

declare(strict_types=1);

namespace Tests\Core\Part;

use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Units;
use Davrin\Core\Part\Bow;
use Davrin\Core\Part\BowFits;
use Davrin\Core\Part\BowPiece;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Recipe\Recipe;
use Davrin\Core\Result\Advice;
use Eris\Generators;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Core\PlanCase;
use Tests\RandomTrials;

/** Bows: what they take of each ribbon, and what can be made of what is left of one. */
final class BowTest extends PlanCase
{
    use RandomTrials;

    /** @return iterable<string, array{array<string, mixed>, list<string>, list<string>, list<string>}> what each strip takes, its loops, its tails */
    public static function bows(): iterable
    {
        yield 'looped' => [['kind' => 'looped-bow'], ['85 1/2 in'], array_fill(0, 6, '4 1/2 in'), ['14 in', '14 in']];
        yield 'looped, of two ribbons' => [['kind' => 'looped-bow', 'loops' => 1, 'tails' => ['8 in', '6 in'], 'material' => ['a', 'b']], ['33 1/2 in', '33 1/2 in'], ['4 1/2 in', '4 1/2 in'], ['8 in', '6 in']];
        yield 'layered, each of its own size' => [['kind' => 'layered-bow', 'material' => ['a', 'b'], 'loop' => ['5 in', '4 in'], 'tail' => ['10 in', '9 in']], ['41 1/2 in', '35 1/2 in'], ['5 in', '5 in'], ['10 in', '10 in']];
        yield 'stepped' => [['kind' => 'stepped-bow'], ['112 1/2 in'], ['6 in', '6 in', '5 1/2 in', '5 1/2 in', '5 in', '5 in', '4 1/2 in', '4 1/2 in'], ['12 in', '12 in']];
        yield 'half-fold' => [['kind' => 'half-fold-bow', 'strips' => 1], ['18 in'], ['4 in'], ['5 in', '5 in']];
        yield 'laced' => [['kind' => 'laced-bow'], ['24 in'], ['4 in', '4 in'], ['4 in', '4 in']];
        yield 'tubing' => [['kind' => 'tubing-bow', 'strip' => '30 in', 'tail' => '5 in'], ['30 in'], ['5 in', '5 in'], ['5 in', '5 in']];
        yield 'gathered' => [['kind' => 'gathered-bow', 'material' => ['a', 'b'], 'strip' => ['14 in', '12 in'], 'topLoop' => '1 1/2 in'], ['14 in', '12 in'], [], ['7 in', '7 in']];
    }

    /**
     * @param  array<string, mixed>  $written
     * @param  list<string>  $lengths
     * @param  list<string>  $loops
     * @param  list<string>  $tails
     */
    #[DataProvider('bows')]
    public function test_a_bow_takes_twice_each_loop_its_tails_and_its_pinches(array $written, array $lengths, array $loops, array $tails): void
    {
        $part = $this->bow($written)->parts[0];
        $pieces = $this->pieces($part->kind, $part->on->slip, count($part->on->materials));
        $inches = fn (array $its): array => array_map(fn (Length $length): string => Units::Inches->exact($length), $its);
        $this->assertSame($lengths, $inches(array_map(fn (BowPiece $piece): Length => $piece->length(), $pieces)));
        $this->assertSame([$loops, $tails], [$inches($pieces[0]->loops), $inches($pieces[0]->tails)]);
        $this->assertSame($lengths, $inches(array_column($part->demand->cuts, 'length')));
    }

    public function test_sixteen_strips_of_two_designs_make_two_fans_of_eight(): void
    {
        $plan = $this->bow(['kind' => 'strip-bow', 'material' => ['a', 'b']]);
        $taken = [];
        foreach ($plan->parts[0]->demand->cuts as $cut) {
            $taken[$cut->material] = ($taken[$cut->material] ?? 0) + $cut->length->toInches();
        }
        $this->assertEquals(['a' => 112.0, 'b' => 112.0], $taken);
        $this->assertStringContainsString('laid to two fans of 8 that are crossed', Recipe::of($plan, $this->figures($plan))->parts[0]->text());
    }

    public function test_what_is_left_of_a_roll_says_how_large_how_many_and_how_long(): void
    {
        $this->assertEquals(
            ['loop' => '4 1/8 in', 'loops' => 1, 'tails' => '10 3/4 in'],
            $this->fits(['kind' => 'looped-bow', 'loops' => 2, 'tails' => ['12 in']], 60),
        );
        $this->assertEquals(['strip' => '15 in', 'strips' => 3], $this->fits(['kind' => 'half-fold-bow'], 60));
        $this->assertEquals(['loop' => null, 'loops' => null, 'tails' => null], $this->fits(['kind' => 'looped-bow'], 8));
    }

    #[TestWith(['looped-bow'])]
    #[TestWith(['layered-bow'])]
    #[TestWith(['stepped-bow'])]
    #[TestWith(['half-fold-bow'])]
    #[TestWith(['strip-bow'])]
    #[TestWith(['gathered-bow'])]
    #[TestWith(['laced-bow'])]
    public function test_what_fits_takes_no_more_than_is_left_and_a_step_more_would(string $kind): void
    {
        $plan = $this->bow(['kind' => $kind]);
        [$on, $bow] = [$plan->parts[0]->on, $plan->parts[0]->kind];
        $this->limitTo($this->trials(40))->forAll(Generators::choose(40, 900))->then(function (int $eighths) use ($on, $bow): void {
            $left = Length::inches(0, $eighths, 8);
            foreach ($this->fitsOf($bow, $on->slip, $left) as $key => $fits) {
                if ($fits === null) {
                    continue;
                }
                $takes = fn (string $written): Length => Length::sum(
                    array_map(fn (BowPiece $piece): Length => $piece->length(), $this->pieces($bow, $on->slip->with($key, $written, Units::Inches), 1)),
                );
                $this->assertFalse($takes(is_int($fits) ? (string) $fits : Units::Inches->exact($fits))->isMoreThan($left), "$key at $eighths");
                try {
                    $more = $takes(is_int($fits) ? (string) ($fits + 1) : Units::Inches->exact($fits->plus(Length::inches(0, 1, 8))));
                    $this->assertTrue($more->isMoreThan($left), "$key at $eighths");
                } catch (\Davrin\Core\Words\Refused) {
                    // Larger than its blank takes.
                }
            }
        });
    }

    public function test_what_holds_it_is_laid_in_before_it_is_closed_and_counted(): void
    {
        $part = $this->bow(['kind' => 'looped-bow', 'holds' => 'wire'])->parts[0];
        $this->assertSame(['ends.l1', 'hold.l1', 'parts.l1'], array_column($part->demand->steps, 'key'));
        $this->assertSame(['hold.l1'], $part->demand->steps[2]->after);
        $this->assertSame('Have a wire at hand, and lay it across the middle of the bow before it is closed.', $part->demand->steps[1]->does);
        $this->assertSame(1, $this->used($this->figures($this->bow(['kind' => 'looped-bow', 'holds' => 'wire'])), 'wire'));
        $this->assertSame(19, $this->used($this->figures($this->bow(['kind' => 'looped-bow'])), 'stems'), '18 ties and the bow');
    }

    #[TestWith(['one', true])]
    #[TestWith(['two', false])]
    public function test_a_ribbon_with_one_good_face_is_twisted_at_every_pinch(string $sides, bool $isTwisted): void
    {
        $plan = $this->bow(['kind' => 'looped-bow'], ['sides' => $sides]);
        $this->assertSame($isTwisted, str_contains(Recipe::of($plan, $this->figures($plan))->parts[0]->text(), 'Twist the ribbon at every pinch'));
    }

    public function test_a_bow_is_held_against_the_opening_the_piece_and_what_it_lies_over(): void
    {
        $plan = $this->plan([
            'materials' => [['id' => 'mesh'], ['id' => 'a', 'kind' => 'ribbon']],
            'parts' => [['material' => 'mesh'], ['kind' => 'looped-bow', 'material' => 'a', 'at' => '6 in at 180 degrees', 'tails' => ['9 in', '7 in']]],
        ]);
        $wide = Recipe::of($plan, $this->figures($plan))->parts[1]->figures[1];
        $this->assertSame(['9 in wide', true], [$wide->said(), $wide->estimate]);
        $this->assertSame([
            'twice 4 1/2 in, how far it stands out to each side',
            'the finished piece is about 23 in wide; opening closed',
            'its longest tail hangs 9 in, about 4 in below the piece',
            'it lies over ties 3, 4, 12 and 13',
        ], $wide->because);
        $strips = $this->bow(['kind' => 'strip-bow']);
        $this->assertSame('14 in wide', Recipe::of($strips, $this->figures($strips))->parts[0]->figures[1]->said());
        $onTies = $this->bow(['kind' => 'tie-bows', 'material' => 'a']);
        $this->assertCount(1, Recipe::of($onTies, $this->figures($onTies))->parts[0]->figures);
    }

    public function test_a_bow_wider_than_the_form_is_warned_of_and_made_to_fit(): void
    {
        $warned = fn (array $bow): array => array_values(array_filter(
            $this->workedOut($this->bow(['kind' => 'looped-bow', 'loops' => 1] + $bow))->advice,
            fn (Advice $advice): bool => $advice->rule === 'wide-bow',
        ));
        $this->assertSame([], $warned(['loop' => '7 in']));
        $wide = $warned(['loop' => '7 1/8 in'])[0];
        $this->assertStringContainsString('are 14 1/4 in across from side to side, and the form is 14 in.', $wide->sentence);
        $this->assertSame('Make its loops 7 in', $wide->remedies[0]->label);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function refused(): iterable
    {
        yield 'a loop that takes all of its strip' => [['kind' => 'half-fold-bow', 'loop' => '9 in'], 'loop', 'A loop takes twice its size'];
        yield 'tails that leave nothing' => [['kind' => 'laced-bow', 'tail' => '12 in'], 'tail', 'leave nothing for loops'];
        yield 'tails of nothing' => [['kind' => 'looped-bow', 'tails' => ['0 in']], 'tails', 'between 1/2 in and 108 in; 0 in is not'];
        yield 'steps down to nothing' => [['kind' => 'stepped-bow', 'step' => '2 in'], 'step', 'less than 1/2 in'];
        yield 'a top loop too large' => [['kind' => 'gathered-bow', 'strip' => ['6 in']], 'topLoop', 'Two loops of that take all of the top strip'];
        yield 'more than a roll' => [['kind' => 'looped-bow', 'loop' => '30 in', 'loops' => 6], 'loop', 'The longest strip of the bow takes 754 1/2 in, and a roll of A ribbon has 360 in.'];
        yield 'three lengths for two' => [['kind' => 'layered-bow', 'material' => ['a', 'b'], 'loop' => ['5 in', '4 in', '3 in']], 'loop', 'There are 2 ribbons and 3 lengths.'];
    }

    /** @param  array<string, mixed>  $written */
    #[DataProvider('refused')]
    public function test_what_cannot_be_is_refused_at_its_blank(array $written, string $blank, string $says): void
    {
        $this->assertFault("/parts/0/$blank", $says, fn () => $this->bow($written));
    }

    /**
     * @param  array<string, mixed>  $written
     * @param  array<string, mixed>  $ribbon
     */
    private function bow(array $written, array $ribbon = []): Plan
    {
        $of = fn (string $id): array => ['id' => $id, 'kind' => 'ribbon', 'name' => strtoupper($id).' ribbon'] + $ribbon;

        return $this->plan(['materials' => [['id' => 'mesh'], $of('a'), $of('b')], 'parts' => [$written]]);
    }

    /** @return list<BowPiece> */
    private function pieces(object $bow, object $slip, int $ribbons): array
    {
        $this->assertInstanceOf(Bow::class, $bow);

        return $bow->pieces($slip, $ribbons);
    }

    /** @return array<string, Length|int|null> */
    private function fitsOf(object $bow, object $slip, Length $left): array
    {
        $this->assertInstanceOf(Bow::class, $bow);

        return BowFits::of($bow, $slip, 1, $left, Units::Inches);
    }

    /**
     * @param  array<string, mixed>  $written
     * @return array<string, string|int|null>
     */
    private function fits(array $written, int $inches): array
    {
        $part = $this->bow($written)->parts[0];

        return array_map(
            fn (Length|int|null $its): string|int|null => $its instanceof Length ? Units::Inches->exact($its) : $its,
            $this->fitsOf($part->kind, $part->on->slip, Length::inches($inches)),
        );
    }
}
