<?php

declare(strict_types=1);

namespace Davrin\Core\Ties;

use Davrin\Core\Form\Form;

/** What sort of tie one is by where it stands, as makers tell them apart. */
enum TieSort: string
{
    case Crossbar = 'crossbar ties';
    case Between = 'ties between crossbars';
    case Corner = 'corner ties';
    case Side = 'side ties';
    case Middle = 'middle ties';

    /** Of "crossbar ties", "crossbars", "corner tie"; null for anything else. */
    public static function read(string $text): ?self
    {
        return match (preg_replace('/^the /', '', trim($text))) {
            'crossbar ties', 'crossbar tie', 'crossbars', 'ties on crossbars', 'ties on the crossbars' => self::Crossbar,
            'ties between crossbars', 'tie between crossbars', 'ties between the crossbars', 'between crossbars' => self::Between,
            'corner ties', 'corner tie', 'corners' => self::Corner,
            'side ties', 'side tie', 'sides' => self::Side,
            'middle ties', 'middle tie', 'middle' => self::Middle,
            default => null,
        };
    }

    /**
     * Whether a tie is of this sort: on a stick sides and middle are told apart, on a form with corners the corners and the sides
     * between.
     */
    public function holds(Tie $tie, Form $form): bool
    {
        return match ($this) {
            self::Crossbar => $tie->isOnCrossbar($form),
            self::Between => $form->frame->crossbars() > 0 && ! $tie->isOnCrossbar($form),
            self::Corner => $tie->isAtCorner($form),
            self::Side => $form->sides !== [] ? ! $tie->seat->isPair() : $form->corners($tie->seat) !== [] && ! $tie->isAtCorner($form),
            self::Middle => $form->sides !== [] && $tie->seat->isPair(),
        };
    }
}
