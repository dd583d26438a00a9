<?php

declare(strict_types=1);

namespace Davrin\Core\Form;

use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\Units;

/** What a maker wants to know of the rows of a form before tying it. */
final class RowWords
{
    /** Sections that differ by less are called even: no tape shows it at the bench. */
    private const EVEN = 1 / 16;

    /** @return list<string> each row with its length and how even its sections are */
    public static function of(Form $form, Units $units): array
    {
        return array_map(fn (Seat $seat): string => self::row($form, $seat, $units), $form->frame->pairs() ?: $form->frame->seats());
    }

    private static function row(Form $form, Seat $seat, Units $units): string
    {
        $shown = fn (float $inches): string => $units->place(Length::nearInches($inches));
        $sections = array_map(fn (int $section): float => $form->sections->length($seat, $section), range(1, $form->sections->count()));

        return sprintf(
            'the %s: %s %s%s',
            $form->names->of($seat),
            $shown($form->length($seat)),
            $form->closed() ? 'round' : 'long',
            match (true) {
                count($sections) === 1 => '',
                max($sections) - min($sections) < self::EVEN => ', sections of '.$shown($sections[0]),
                default => sprintf(', sections of %s to %s', $shown(min($sections)), $shown(max($sections))),
            },
        );
    }
}
