<?php

declare(strict_types=1);

namespace Davrin\Core\Part\PulledLoops;

use Davrin\Core\Blank\LengthBlank;
use Davrin\Core\Demand\Demand;
use Davrin\Core\Measure\Length;
use Davrin\Core\Part\Continuous;
use Davrin\Core\Part\PartContext;
use Davrin\Core\Part\Size;
use Davrin\Core\Words\Fault;

/**
 * A loop pulled up between every two neighbouring wires, the loops squeezed together and twisted, then on to the next. A
 * stitch takes twice its height for each loop, and on the way under the wires about one gap for each.
 */
final class PulledLoops extends Continuous
{
    public function key(): string
    {
        return 'pulled-loops';
    }

    public function name(): string
    {
        return 'pulled loops';
    }

    public function noun(): array
    {
        return ['stitch', 'stitches'];
    }

    public function words(PartContext $on): array
    {
        return ['loops' => (string) $this->gaps($on), 'stitch' => $on->units->needed($this->pitch($on))];
    }

    public function sentence(PartContext $on): string
    {
        return 'Pull {material}'.(
            count($on->materials) > 1
                ? ' together'
                : ''
        ).' up between the wires as {kind} {height} high, {=loops} to a stitch of {=stitch}, a stitch at {on}: {=count}.'
            .self::ending($on, '{startTail} for the knot');
    }

    public function blanks(): array
    {
        return [
            LengthBlank::of('height', 'the height of a loop', Length::inches(3), Length::inches(0, 1, 2), Length::inches(12)),
            ...self::tails(3, 2),
        ];
    }

    public function lengthKey(): string
    {
        return 'height';
    }

    public function cutTo(string $length): string
    {
        return "Pull loops of $length";
    }

    public function leastRoll(PartContext $on): array
    {
        return [Length::sum([$on->length('startTail'), $this->pitch($on), $on->length('endTail')]), 'A stitch with its ends'];
    }

    public function demand(PartContext $on): Demand
    {
        if ($this->gaps($on) === 0) {
            throw Fault::at(
                '',
                'Loops are pulled up between wires, and this form has only one. Choose another technique, or a form of two wires.',
            );
        }

        return Demand::ofRuns(self::asRun($on, $this->stepsAlongRows($on, $on->rows)));
    }

    public function fullness(): array
    {
        return [160, 240];
    }

    public function size(PartContext $on): Size
    {
        $height = $on->length('height')->toInches();

        return new Size(
            $height,
            sprintf('the height of a loop, %s', $on->units->exact($on->length('height'))),
            $height * 1.05,
            $height + 1,
            'the height of a loop, and the form',
        );
    }

    protected function minutes(): float
    {
        return 1.0;
    }

    protected function betweenTies(): bool
    {
        return false;
    }

    protected function pitch(PartContext $on): Length
    {
        // A gap up to the next 1/32 in: mesh that is needed rounds up.
        $gap = $this->gaps($on) === 0 ? 0 : (int) ceil(round(32 * $on->form->frame->band() / $this->gaps($on), 6));

        return $on->length('height')->times(2)->plus(Length::inches(0, $gap, 32))->times($this->gaps($on));
    }

    protected function reaching(PartContext $on, Length $least): Length
    {
        return Length::inches((int) ceil($least->toInches() / 2 / max(1, $this->gaps($on))));
    }

    private function gaps(PartContext $on): int
    {
        return $on->form->frame->wires() - 1;
    }
}
