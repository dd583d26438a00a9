<?php

declare(strict_types=1);

namespace Davrin\Core\Advice;

use Davrin\Core\Anchor\Kind\AtSpot;
use Davrin\Core\Geometry\Point;
use Davrin\Core\Material\Good;
use Davrin\Core\Measure\Length;
use Davrin\Core\Part\HidesWhatIsBehind;
use Davrin\Core\Part\Part;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Result\Result;

/** A sign that is larger than its piece, that lies in the opening with nothing under it, or that is so heavy that it sinks in. */
final readonly class SignFits implements Rule
{
    public const LARGE = 'sign-too-large';

    public const SUNK = 'sign-sunk';

    public const HEAVY = 'sign-heavy';

    /** From so many hundredths of a gram on a sign presses into the mesh (a guess: 300 g). */
    private const WEIGHS = 30_000;

    public function look(Plan $plan, Result $result): array
    {
        $warnings = [];
        foreach ($plan->parts as $part) {
            if ($part->kind instanceof HidesWhatIsBehind) {
                $found = self::large($plan, $result, $part, $part->kind)
                    ?? self::sunk($plan, $result, $part, $part->kind)
                    ?? self::heavy($part, $part->kind);
                $warnings = [...$warnings, ...($found === null ? [] : [$found])];
            }
        }

        return $warnings;
    }

    private static function large(Plan $plan, Result $result, Part $part, HidesWhatIsBehind $kind): ?Warning
    {
        [$box, $piece, $units] = [$kind->board($part->on)->box(), $result->extent->box, $plan->units()];
        if ($box->wide() <= $piece->wide() && $box->high() <= $piece->high()) {
            return null;
        }
        $isWide = $box->wide() > $piece->wide();
        $turned = ($part->on->slip->count(AtSpot::TURNED) + 180 + 90) % 180;

        return new Warning(
            self::LARGE,
            "parts.$part->id",
            [],
            'Larger than the piece.',
            sprintf(
                'The sign is %s %s, and the finished piece is %s: it would hide all there is.',
                $units->needed(self::length($isWide ? $box->wide() : $box->high())),
                $isWide ? 'wide' : 'high',
                $units->about($isWide ? $piece->wide() : $piece->high(), $result->extent->isMeasured),
            ),
            [],
            fn (): array => [Proposal::filling(['Turn it upright', ["parts.$part->id.turned" => (string) $turned]])],
            'It would take a smaller sign, or a larger form.',
        );
    }

    private static function sunk(Plan $plan, Result $result, Part $part, HidesWhatIsBehind $kind): ?Warning
    {
        [$opening, $board] = [$result->extent->opening, $kind->board($part->on)];
        $farthest = max(array_map(fn (Point $point): float => $point->length(), $board->outline()));
        if (! $kind->liesOnTheMesh($part->on) || $opening <= 0.0 || $farthest >= $opening / 2 || ! $result->form->closed()) {
            return null;
        }
        $units = $plan->units();

        return new Warning(
            self::SUNK,
            "parts.$part->id",
            [],
            'Nothing under the sign.',
            sprintf(
                'It lies within the opening of %s, where there is no mesh to float on: it would sink in.',
                $result->tally->opening->shown,
            ),
            [],
            fn (): array => [Proposal::filling(['Let it hang in the opening', [
                "parts.$part->id.at" => $units->available(self::length($opening / 2)).' at 0 degrees',
                "parts.$part->id.drop" => $units->needed(self::length(max(0.25, $opening / 2 - $board->high / 2))),
            ]])],
            'It would take a larger sign, or more mesh towards the middle.',
        );
    }

    private static function heavy(Part $part, HidesWhatIsBehind $kind): ?Warning
    {
        $cushion = $kind->onACushion($part->on);
        $material = $part->on->first();
        $weighs = $material instanceof Good ? $material->weighs() : null;
        if ($cushion === [] || $weighs === null || $weighs->hundredths < self::WEIGHS) {
            return null;
        }
        $fill = array_combine(array_map(fn (string $key): string => "parts.$part->id.$key", array_keys($cushion)), $cushion);

        return new Warning(
            self::HEAVY,
            "parts.$part->id",
            [],
            'A heavy sign.',
            sprintf('It weighs %s and presses the mesh under it flat.', $weighs->shown()),
            [],
            fn (): array => [Proposal::filling(['Lay a cushion of scraps under it', $fill])],
        );
    }

    private static function length(float $inches): Length
    {
        return Length::nearInches($inches);
    }
}
