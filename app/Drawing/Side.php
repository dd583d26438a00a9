<?php

namespace App\Drawing;

enum Side: string
{
    case Front = 'front';
    case Back = 'back';

    public function other(): self
    {
        return $this === self::Front ? self::Back : self::Front;
    }
}
