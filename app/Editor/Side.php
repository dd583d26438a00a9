<?php

namespace App\Editor;

enum Side: string
{
    case Front = 'front';
    case Back = 'back';

    public function other(): self
    {
        return $this === self::Front ? self::Back : self::Front;
    }
}
