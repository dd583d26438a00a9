<?php

declare(strict_types=1);

namespace Tests\Core\Cost;

use Davrin\Core\Batch\Batch;
use Davrin\Core\Batch\Share;
use Davrin\Core\Edit\FillBlanks;
use Davrin\Core\Edit\TakeForm;
use Davrin\Core\Roll\RollPlanner;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Core\PlanCase;

/** In which currency a plan counts, and whether it counts what was paid or the list price. */
final class PricesTest extends PlanCase
{
    private const PAID = ['materials' => [
        ['id' => 'm1', 'price' => '7.20', 'paid' => '3.60'],
        ['id' => 'stems', 'kind' => 'stems', 'price' => '2.50', 'paid' => '1.25'],
    ]];

    public function test_what_was_paid_counts_where_it_is_known_and_the_list_price_where_the_plan_says_so(): void
    {
        $paid = $this->work(self::PAID)->cost;
        $list = $this->work(self::PAID + ['settings' => ['priceAt' => 'list']])->cost;
        // 342 of 360 in, a form, 18 of 25 stems.
        $this->assertSame(['$6.07', '$6.60'], [$paid->byLength->shown, $paid->opened->shown]);
        $this->assertSame(['$10.39', '$11.45'], [$list->byLength->shown, $list->opened->shown]);
        $this->assertContains('Sage mesh: $3.60 paid x 342 in / 360 in = $3.42', $paid->byLength->because);
        $this->assertContains('stems: 1 pack x $1.25 paid = $1.25', $paid->opened->because);
        $this->assertContains('Sage mesh: $7.20 x 342 in / 360 in = $6.84', $list->byLength->because);
        $unknown = $this->work(['materials' => [['price' => '7.20', 'paid' => 'not known']]])->cost;
        $this->assertContains('Sage mesh: 1 roll x $7.20 = $7.20', $unknown->opened->because);
        $this->assertSame(720, $this->work(self::PAID)->wound[0]->plan->cents(), 'what is still to be bought is bought at the list price');
    }

    #[TestWith(['JPY', '¥', ['¥1157', '¥1200'], 'Sage mesh: ¥700 x 342 in / 360 in = ¥665'])]
    #[TestWith(['KWD', "KWD\u{A0}", ["KWD\u{A0}1.157", "KWD\u{A0}1.200"], "Sage mesh: KWD\u{A0}0.700 x 342 in / 360 in = KWD\u{A0}0.665"])]
    #[TestWith(['GBP', '£', ['£11.57', '£12.00'], 'Sage mesh: £7.00 x 342 in / 360 in = £6.65'])]
    public function test_a_plan_counts_in_its_own_currency(string $currency, string $sign, array $costs, string $because): void
    {
        $amount = fn (int $cents): string => match ($currency) {
            'JPY' => (string) $cents, 'KWD' => sprintf('%.3f', $cents / 1000), default => sprintf('%.2f', $cents / 100),
        };
        $result = $this->work([
            'form' => ['price' => $amount(350)],
            'settings' => ['currency' => $currency],
            'materials' => [
                ['price' => $amount(700)], ['id' => 'stems', 'kind' => 'stems', 'price' => $amount(150), 'pack' => 19],
            ],
        ]);
        // 665 + 350 + 18/19 of 150, which is 142.1.
        $this->assertSame([...$costs], [$result->cost->byLength->shown, $result->cost->opened->shown]);
        $this->assertContains($because, $result->cost->byLength->because);
        $this->assertSame($currency, $result->cost->jsonSerialize()['currency']);
        $this->assertStringNotContainsString('$', json_encode($result, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE));
    }

    public function test_another_currency_keeps_the_figures_and_undoes_to_what_it_was(): void
    {
        $plan = $this->plan(self::PAID + ['form' => ['price' => '1.75']]);
        $yen = (new FillBlanks(['settings.currency' => 'JPY']))->apply($plan, $this->reader());
        $this->assertSame(
            ['¥2', '¥7', '¥4'],
            [$yen->formPrice()->shown(), $yen->wound()[0]->price()->shown(), $yen->wound()[0]->paid()?->shown()],
        );
        $this->assertSame($yen->write(), $this->reader()->read($yen->write())->write());
        $both = (new FillBlanks(['settings.currency' => 'EUR', 'materials.m1.price' => '$8.10']))->apply($plan, $this->reader());
        $this->assertSame('€8.10', $both->wound()[0]->price()->shown());
        $this->assertFault('/materials/0/price', 'is not a price in Japanese yen', fn () => $this->plan(
            ['settings' => ['currency' => 'JPY'], 'materials' => [['price' => '6.50']]],
        ));
    }

    public function test_a_form_that_is_priced_in_another_currency_leaves_the_price_of_the_plan(): void
    {
        $plan = $this->plan(['form' => ['price' => '3.10']]);
        $square = (new TakeForm('Square', ['kind' => 'rectangle']))->apply($plan, $this->reader());
        $this->assertSame(['rectangle', '$3.10'], [$square->formKind->key(), $square->formPrice()->shown()]);
    }

    public function test_plans_in_two_currencies_are_not_cut_together(): void
    {
        $shares = array_map(
            fn (string $currency): Share => new Share($this->plan(['settings' => ['currency' => $currency]]), 1),
            ['USD', 'EUR'],
        );
        $this->assertFault(
            '',
            'These plans count their prices in US dollars and euros.',
            fn () => Batch::of($shares, new RollPlanner),
        );
    }
}
