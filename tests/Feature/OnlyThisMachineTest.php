<?php

namespace Tests\Feature;

use App\Http\Headers;
use App\Http\Hosts;
use PHPUnit\Framework\Attributes\TestWith;

final class OnlyThisMachineTest extends FeatureCase
{
    #[TestWith(['127.0.0.1:8080', 200])]
    #[TestWith(['localhost', 200])]
    #[TestWith(['davrin.localhost:9000', 200])]
    #[TestWith(['[::1]:8080', 200])]
    #[TestWith(['wreaths.example', 421])]
    #[TestWith(['127.0.0.1.wreaths.example', 421])]
    #[TestWith(['10.0.0.7', 421])]
    #[TestWith(['localhost.wreaths.example:8080', 421])]
    public function test_it_answers_by_the_names_of_this_machine_alone(string $host, int $status): void
    {
        $answer = $this->get("http://$host/plans")->assertStatus($status);
        $this->assertSame($status === 421, str_contains((string) $answer->getContent(), 'Not by this name'));
    }

    public function test_a_name_that_is_allowed_is_answered_too(): void
    {
        config(['app.hosts' => 'bench.example, table.example']);
        $this->get('http://table.example/plans')->assertOk();
        $this->assertFalse(Hosts::isOurs('example', 'bench.example,'));
        $this->assertFalse(Hosts::isOurs('', ','));
    }

    public function test_every_answer_bears_the_headers(): void
    {
        $plan = $this->hang();
        $answers = [
            $this->get('/plans'), $this->get('/nowhere'), $this->post(
                "/plans/$plan->id/edits",
                [],
            ), $this->get("/plans/$plan->id/file"), $this->get('/shelf.csv'),
            $this->call(
                'POST',
                '/plans',
                server: ['CONTENT_LENGTH' => '99999999'],
            ), $this->put('/plans'), $this->get('http://wreaths.example/'),
        ];
        $this->assertSame([200, 404, 422, 200, 200, 413, 405, 421], array_map(fn ($answer): int => $answer->getStatusCode(), $answers));
        foreach ($answers as $answer) {
            foreach (Headers::ALL as $name => $value) {
                $answer->assertHeader($name, $value);
            }
        }
    }

    public function test_back_leads_home_and_nowhere_else(): void
    {
        $this->withHeader(
            'Referer',
            'http://wreaths.example/steal',
        )->post('/units', ['units' => 'furlongs'])->assertRedirect('http://127.0.0.1');
        $this->withHeader(
            'Referer',
            'http://127.0.0.1:8081/plans/3',
        )->post('/units', ['units' => 'furlongs'])->assertRedirect('http://127.0.0.1');
        $this->withHeader(
            'Referer',
            'http://127.0.0.1/shelf',
        )->post('/units', ['units' => 'furlongs'])->assertRedirect('http://127.0.0.1/shelf');
    }
}
