<?php

namespace App\Drawing;

/** The rules that a picture brings with it when it is a document of its own: the same that pages draw by. */
final class PictureStyle
{
    public static function css(): string
    {
        $theme = str_replace('@theme', ':root', (string) file_get_contents(resource_path('css/theme.css')));

        return $theme.file_get_contents(resource_path('css/picture.css'));
    }
}
