<?php

declare(strict_types=1);

namespace Davrin\Core\Plan;

use Davrin\Core\Form\Form;
use Davrin\Core\Learned\LearnedFigure;
use Davrin\Core\Learned\LearnedFigures;
use Davrin\Core\Learned\Scope;
use Davrin\Core\Learned\Subject;
use Davrin\Core\Part\Part;
use Davrin\Core\Ties\Tie;

/**
 * What the size of a piece is estimated from, told apart by a short mark: two plans of one design differ in colours, prices or names. What
 * was measured of a design itself counts for more than what others of its techniques say.
 */
final class Design
{
    private const MARK = 16;

    /** @param  list<Part>  $parts  as they are guessed */
    public static function of(Form $form, array $parts): string
    {
        $standing = array_filter($parts, fn (Part $part): bool => $part->size->standsOut());
        $said = array_map(fn (Part $part): array => [
            $part->kind->key(),
            array_map(fn (Tie $tie): array => [round($tie->place->x, 3), round($tie->place->y, 3)], $part->on->ties()),
            count($part->on->anchor->places),
            $part->on->anchor->area,
            round($part->size->reach, 4),
            round($part->size->depth, 4),
            round($part->size->hangs, 4),
        ], array_values($standing));

        return Scope::DESIGN.substr(
            hash('sha256', json_encode([round($form->box()->wide(), 3), round($form->box()->high(), 3), $said], JSON_THROW_ON_ERROR)),
            0,
            self::MARK,
        );
    }

    /**
     * The parts as large as the log says: of this design where enough of it was measured, else of each technique.
     *
     * @param  list<Part>  $parts  as they are guessed
     * @return list<Part>
     */
    public static function sized(array $parts, Form $form, LearnedFigures $learned): array
    {
        if (! $learned->knows(Subject::Reach, Subject::Depth)) {
            return $parts;
        }
        $design = $learned->knowsDesigns() ? self::of($form, $parts) : '';
        [$reach, $depth] = array_map(
            fn (Subject $subject): ?LearnedFigure => $design === '' ? null : $learned->find($subject, $design),
            [Subject::Reach, Subject::Depth],
        );

        return array_map(function (Part $part) use ($learned, $reach, $depth): Part {
            $on = $part->bearsOn();
            $its = fn (Subject $subject): ?LearnedFigure => $learned->find($subject, $on->of, $on->material, $on->source);

            return $part->size->standsOut() ? $part->sized($reach ?? $its(Subject::Reach), $depth ?? $its(Subject::Depth)) : $part;
        }, $parts);
    }
}
