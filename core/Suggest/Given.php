<?php

declare(strict_types=1);

namespace Davrin\Core\Suggest;

use Davrin\Core\Learned\LearnedFigures;
use Davrin\Core\Words\Fault;

/** What a search may use: forms, wound materials and counted goods, each as a plan file holds it, with what is on hand of it. */
final readonly class Given
{
    private const MOST_FORMS = 12;

    private const MOST_MATERIALS = 120;

    /**
     * @param  non-empty-list<array{name: string, form: array<string, mixed>}>  $forms
     * @param  list<array<string, mixed>>  $wound  mesh, ribbon and the like, without ids
     * @param  list<array<string, mixed>>  $goods
     * @param  array<string, mixed>  $settings  of the plans that are suggested
     * @param  ?list<string>  $techniques  by key; null for all
     * @param  list<array<string, mixed>>  $learned  what the plans that are suggested are worked with
     */
    private function __construct(
        public array $forms,
        public array $wound,
        public array $goods,
        public array $settings,
        public ?array $techniques,
        public array $learned = [],
    ) {}

    /**
     * @param  array<array-key, mixed>  $written
     *
     * @throws Fault
     */
    public static function read(array $written): self
    {
        $forms = [];
        foreach (self::listed($written, 'forms', self::MOST_FORMS) as $index => $its) {
            $name = $its['name'] ?? null;
            $form = $its['form'] ?? null;
            $forms[] = is_string($name) && is_array($form)
                ? ['name' => $name, 'form' => self::named($form)]
                : throw Fault::at("/forms/$index", 'A form has a "name" and a "form" as a plan file holds it.');
        }
        $settings = $written['settings'] ?? [];
        $techniques = $written['techniques'] ?? null;

        return new self(
            $forms === [] ? [['name' => 'Ring', 'form' => []]] : $forms,
            self::listed($written, 'materials', self::MOST_MATERIALS),
            self::listed($written, 'goods', self::MOST_MATERIALS),
            is_array($settings) ? self::named($settings) : throw Fault::at('/settings', 'Here the settings of a plan stand.'),
            is_array($techniques) ? array_values(array_filter($techniques, is_string(...))) : null,
            self::listed($written, 'learned', LearnedFigures::MOST),
        );
    }

    /**
     * @param  array<array-key, mixed>  $written
     * @return list<array<string, mixed>>
     */
    private static function listed(array $written, string $key, int $most): array
    {
        $its = $written[$key] ?? [];
        if (! is_array($its) || count($its) > $most) {
            throw Fault::at("/$key", "Here up to $most stand in a list.");
        }
        $listed = [];
        foreach (array_values($its) as $index => $one) {
            $listed[] = is_array($one) ? self::named($one) : throw Fault::at("/$key/$index", 'It stands here as a plan file holds it.');
        }

        return $listed;
    }

    /**
     * @param  array<array-key, mixed>  $written
     * @return array<string, mixed>
     */
    private static function named(array $written): array
    {
        $named = [];
        foreach ($written as $key => $value) {
            $named[(string) $key] = $value;
        }

        return $named;
    }

    /** @return array<string, mixed> */
    public function write(): array
    {
        return [
            'forms' => $this->forms,
            'materials' => $this->wound,
            'goods' => $this->goods,
            'settings' => $this->settings,
            ...($this->techniques === null ? [] : ['techniques' => $this->techniques]),
            ...($this->learned === [] ? [] : ['learned' => $this->learned]),
        ];
    }
}
