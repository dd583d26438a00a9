<?php

declare(strict_types=1);

namespace Davrin\Core\Edit;

use Davrin\Core\Blank\HoldsMoney;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Measure\Currency;
use Davrin\Core\Measure\Money;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\Ties\TieGroup;
use Davrin\Core\Words\Fault;
use Davrin\Core\Words\Refused;

/** Writes in one blank or several at once. A blank that gets back what it shows is left as it is. */
final readonly class FillBlanks implements Edit
{
    /** The blanks that choose a kind, and with it which other blanks there are. */
    private const KINDS = ['kind', 'layout', 'ties', 'order'];

    private const CURRENCY = 'settings.currency';

    /** @param  array<string, mixed>  $typed what was typed, by address: "parts.l1.length" */
    public function __construct(private array $typed) {}

    /** @return array{string, string} the address of the slip and the key of the blank */
    public static function split(string $address): array
    {
        $dot = strrpos($address, '.');

        return $dot === false ? throw Fault::noBlank($address) : [substr($address, 0, $dot), substr($address, $dot + 1)];
    }

    public function apply(Plan $plan, PlanReader $reader): Plan
    {
        if (count($this->typed) > 1 && isset($this->typed[self::CURRENCY])) {
            $currency = [self::CURRENCY => $this->typed[self::CURRENCY]];

            return (new self($currency))->apply((new self(array_diff_key($this->typed, $currency)))->apply($plan, $reader), $reader);
        }
        $document = $plan->write();
        [$carrying, $changed, $later] = [[], [], []];
        foreach ($this->typed as $address => $raw) {
            // What looks like a number is one where it is a key.
            $address = (string) $address;
            [$slipAddress, $key] = self::split($address);
            $slip = $plan->slips()[$slipAddress] ?? throw Fault::noBlank($address);
            if ($slip->has($key) && $raw === $slip->show($key, $plan->units())) {
                continue;
            }
            try {
                $written = $slip->with($key, $raw, $plan->units())->write()[$key];
            } catch (Refused $refused) {
                if (in_array($key, self::KINDS, true) || ! $this->choosesAKind($slipAddress, $slip, $plan)) {
                    throw new BlankRefused($address, $refused);
                }
                // What the old kind does not take the new one may.
                $later[$address] = [$raw, $refused];

                continue;
            }
            if ($written === $slip->write()[$key]) {
                continue;
            }
            $changed[] = $address;
            self::put($document, $slipAddress, $key, $written);
            if ($address === self::CURRENCY && is_string($written)) {
                self::countIn($document, Currency::from($written), $plan);
            }
            if ($key === 'kind' && str_starts_with($slipAddress, 'parts.')) {
                self::leaveUsual($document, $slipAddress, $slip, $changed);
            }
            array_push($carrying, ...$this->carriedBy($slipAddress, $key, $plan));
        }
        try {
            $edited = $reader->read($document, $carrying);

            return $later === [] ? $edited : self::filledLater($later, $edited)->apply($edited, $reader);
        } catch (Fault $fault) {
            throw $changed === [] ? $fault : new BlankRefused($changed[0], $fault);
        }
    }

    /**
     * What is left to write once another kind is chosen; what that one does not ask for is refused as the old one refused it.
     *
     * @param  array<string, array{mixed, Refused}>  $later
     */
    private static function filledLater(array $later, Plan $edited): self
    {
        foreach ($later as $address => [, $refused]) {
            [$slip, $key] = self::split($address);
            if (($edited->slips()[$slip] ?? null)?->has($key) !== true) {
                throw new BlankRefused($address, $refused);
            }
        }

        return new self(array_map(fn (array $its): mixed => $its[0], $later));
    }

    /** Whether another kind is chosen in the same slip. */
    private function choosesAKind(string $address, Slip $slip, Plan $plan): bool
    {
        foreach (self::KINDS as $key) {
            $typed = $this->typed["$address.$key"] ?? null;
            $now = $slip->has($key) ? [$slip->show($key, $plan->units()), $slip->write()[$key]] : [$typed];
            if ($typed !== null && ! in_array($typed, $now, true)) {
                return true;
            }
        }

        return false;
    }

    public function words(Plan $before, Plan $after): string
    {
        $said = [];
        foreach ($after->slips() as $address => $slip) {
            $old = $before->slips()[$address] ?? null;
            foreach ($slip->write() as $key => $value) {
                if ($old !== null && $old->has($key) && $old->write()[$key] !== $value) {
                    $said[] = sprintf(
                        '%s: %s, now %s',
                        rtrim($slip->blanks[$key]->label(), ','),
                        $old->show($key, $after->units()),
                        $slip->show($key, $after->units()),
                    );
                }
            }
        }

        return $said === [] ? 'no change' : implode('; ', $said);
    }

    public function asData(): array
    {
        return ['set' => $this->typed];
    }

    public function lost(Plan $before, Plan $after): array
    {
        return Losses::between($before, $after, array_keys($this->typed));
    }

    /**
     * Another kind of form may leave ties and parts without their place, another layout its own blanks. Ties that are no
     * longer there leave parts without theirs, whatever they went with.
     *
     * @return list<string>
     */
    private function carriedBy(string $slip, string $key, Plan $plan): array
    {
        $parts = array_values(array_filter(array_keys($plan->slips()), fn (string $address): bool => str_starts_with($address, 'parts.')));
        $isKind = in_array($key, self::KINDS, true);

        return match (true) {
            $slip === 'form'
                && $isKind => [
                    'form',
                    'finish',
                    ...array_map(fn (TieGroup $group): string => "ties.$group->id", $plan->ties->groups),
                    ...$parts,
                ],
            $slip === 'form' => ['finish', ...$parts],
            str_starts_with($slip, 'ties.') => [...($isKind ? [$slip] : []), ...$parts],
            default => $isKind ? [$slip] : [],
        };
    }

    /**
     * Prices keep their figures in another currency, rounded to what that one has.
     *
     * @param  array<string, mixed>  $document
     */
    private static function countIn(array &$document, Currency $currency, Plan $plan): void
    {
        foreach ($plan->slips() as $address => $slip) {
            foreach ($slip->blanks as $key => $blank) {
                $money = $blank instanceof HoldsMoney ? $slip->objectIfAny($key, Money::class) : null;
                if ($money !== null) {
                    self::put($document, $address, $key, $money->in($currency)->canonical());
                }
            }
        }
    }

    /**
     * Another technique has usual figures of its own: those of the old one that nobody changed do not stand for them.
     *
     * @param  array<string, mixed>  $document
     * @param  list<string>  $changed  addresses of the blanks that are written in the same edit
     */
    private static function leaveUsual(array &$document, string $address, Slip $slip, array $changed): void
    {
        $usual = array_filter(
            array_keys($slip->blanks),
            fn (string $key): bool => $slip->isUsual($key) && ! in_array("$address.$key", $changed, true),
        );
        $id = explode('.', $address)[1];
        $document['parts'] = array_map(
            fn (mixed $item): mixed => is_array($item) && $item['id'] === $id ? array_diff_key($item, array_flip($usual)) : $item,
            (array) $document['parts'],
        );
    }

    /**
     * @param  array<string, mixed>  $document
     * @param  string|int|list<string>|list<int>  $written
     */
    private static function put(array &$document, string $slip, string $key, string|int|array $written): void
    {
        if ($slip === 'plan') {
            $document[$key] = $written;

            return;
        }
        [$part, $id] = [...explode('.', $slip), null];
        if ($id === null) {
            $document[$part] = [...(array) $document[$part], $key => $written];

            return;
        }
        $document[$part] = array_map(
            fn (mixed $item): mixed => is_array($item) && $item['id'] === $id ? [...$item, $key => $written] : $item,
            (array) $document[$part],
        );
    }
}
