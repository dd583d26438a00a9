<?php

namespace App\Drawing;

/** The rules that a picture brings with it when it is a document of its own: the same that pages draw by. */
final class PictureStyle
{
    /** @param  string  $of  whose rules they are: "picture" of a piece on its form, "scene" of what the guide draws */
    public static function css(string ...$of): string
    {
        $theme = str_replace('@theme', ':root', (string) file_get_contents(resource_path('css/theme.css')));

        return $theme.implode('', array_map(
            fn (string $its): string => (string) file_get_contents(resource_path("css/$its.css")),
            $of,
        ));
    }
}
