<?php

declare(strict_types=1);

namespace Davrin\Core\Advice;

use Davrin\Core\Edit\PartWords;
use Davrin\Core\Edit\RemovePart;
use Davrin\Core\Estimate\Estimates;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Measure\Units;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Result;
use Davrin\Core\Words\Figure;

/** A piece that is deeper than the room it hangs in, as between a door and a storm door. */
final readonly class TooDeepForItsRoom implements Rule
{
    public function __construct(private Trial $trial) {}

    public function look(Plan $plan, Result $result): array
    {
        $room = $plan->settings->room();
        if ($room === null || $plan->parts === [] || ! self::depth($result->tally->depth)->isMoreThan($room)) {
            return [];
        }
        $parts = $plan->parts;
        usort($parts, fn (Part $a, Part $b): int => $b->size->depth <=> $a->size->depth);

        return [new Warning(
            'too-deep',
            "parts.{$parts[0]->id}",
            [],
            'Too deep for its room.',
            sprintf(
                'It stands %s deep, and has %s of room: the door would press it flat.',
                $result->tally->depth->shown,
                $plan->units()->exact($room),
            ),
            [],
            function () use ($plan, $parts, $room): iterable {
                $flattest = $this->flattest($plan, $parts[0], $room);
                if ($flattest !== null) {
                    yield Proposal::filling(['Make it '.$flattest[0], $flattest[1]]);
                }
                yield from $this->withoutSome($plan, $room);
            },
            'No single change here is enough: hang it where there is more room, or keep to one flat layer.',
        )];
    }

    /**
     * One layer left out, or as few of the last ones as will do.
     *
     * @return iterable<Proposal>
     */
    private function withoutSome(Plan $plan, Length $room): iterable
    {
        $parts = $plan->parts;
        $choices = [
            ...array_map(fn (Part $part): array => [$part], array_reverse($parts)),
            ...array_map(fn (int $left): array => array_slice($parts, $left), array_reverse(range(1, max(1, count($parts) - 1)))),
        ];
        foreach (count($parts) > 1 ? $choices : [] as $out) {
            $edit = new RemovePart($out[0]->id, ...array_column(array_slice($out, 1), 'id'));
            $edited = $this->trial->applied($plan, $edit);
            if ($edited !== null && ! self::depth((new Estimates($edited, $edited->parts))->depth())->isMoreThan($room)) {
                yield new Proposal(
                    count($out) === 1 ? 'Leave '.PartWords::named($out[0]).' out' : sprintf('Leave the last %d layers out', count($out)),
                    $edit,
                );

                return;
            }
        }
    }

    /**
     * The flattest kind of part that fits the room, if there is one.
     *
     * @return array{string, array<string, string>}|null its name, and what to write
     */
    private function flattest(Plan $plan, Part $part, Length $room): ?array
    {
        [$best, $least] = [null, $room];
        foreach ($this->trial->kinds() as $key) {
            $fill = ["parts.$part->id.kind" => $key];
            $edited = $this->trial->edited($plan, $fill);
            if ($edited === null || $edited->part($part->id)->kind->fullness() === null) {
                continue;
            }
            $depth = self::depth((new Estimates($edited, $edited->parts))->depth());
            if ($best === null ? ! $depth->isMoreThan($least) : $depth->isLessThan($least)) {
                [$best, $least] = [[$edited->part($part->id)->kind->noun()[1], $fill], $depth];
            }
        }

        return $best;
    }

    private static function depth(Figure $depth): Length
    {
        return LengthText::read((string) $depth->value, Units::Inches);
    }
}
