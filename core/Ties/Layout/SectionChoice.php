<?php

declare(strict_types=1);

namespace Davrin\Core\Ties\Layout;

use Davrin\Core\Blank\SectionsBlank;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Form\Form;
use Davrin\Core\Words\Fault;
use Davrin\Core\Words\Words;

/** In which sections a layout has its ties: all, or chosen ones, as where an off-centre sign hides the others. */
final class SectionChoice
{
    public const SENTENCE = ' in {sections}';

    public static function blank(): SectionsBlank
    {
        return new SectionsBlank('sections', 'the sections that are tied');
    }

    /**
     * @return ?list<int> null for all
     *
     * @throws Fault for a section that the form has not
     */
    public static function of(Form $form, Slip $slip): ?array
    {
        $sections = $slip->countsIfAny('sections');
        foreach ($sections ?? [] as $section) {
            if ($section > $form->sections->count()) {
                throw Fault::at(
                    '/sections',
                    sprintf('There is no section %d: the form has %s.', $section, Words::count($form->sections->count(), 'section')),
                );
            }
        }

        return $sections;
    }
}
