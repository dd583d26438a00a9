<?php

namespace Tests\Feature;

use App\Models\SavedPlan;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;

final class PlanFilesTest extends FeatureCase
{
    public function test_a_plan_is_saved_as_a_file_and_opened_again_as_the_same(): void
    {
        $plan = $this->hang();
        $file = $this->get("/plans/$plan->id/file")->assertOk();
        $this->assertSame('attachment; filename="band-door-teal-and-gold.davrin.json"', $file->headers->get('Content-Disposition'));
        $this->assertSame((string) file_get_contents(database_path('demo/band-door-teal-and-gold.json')), $file->getContent());
        $this->open((string) $file->getContent())->assertRedirect('/plans/2');
        $this->assertSame($file->getContent(), $this->get('/plans/2/file')->getContent());
    }

    #[TestWith(['🎺', 'plan.davrin.json'])]
    #[TestWith(["a\"; filename=\"b\r\nX: y", 'a-filenameb-x-y.davrin.json'])]
    public function test_any_name_makes_a_name_for_a_file(string $name, string $file): void
    {
        $plan = $this->hang();
        $this->edit($plan, ['set' => ['plan.name' => $name]])->assertOk();
        $this->assertSame("attachment; filename=\"$file\"", $this->get("/plans/$plan->id/file")->headers->get('Content-Disposition'));
    }

    #[TestWith(['this is no plan', 'door.json was not opened. The file is not JSON'])]
    #[
        TestWith(
            [
                '{"format":"davrin-plan","version":9}',
                'This plan is of version 9, and this Davrin reads up to version 2. Update Davrin to open it. (at /version)',
            ],
        ),
    ]
    #[TestWith(['{"format":"davrin-plan","version":1,"meshes":[{"glitter":1}]}', '(at /meshes/0/glitter)'])]
    public function test_a_file_that_is_no_plan_is_refused_with_the_place_of_its_fault(string $bytes, string $says): void
    {
        $this->open($bytes)->assertRedirect('/plans');
        $this->get('/plans')->assertSee($says);
        $this->assertSame(0, SavedPlan::count());
    }

    public function test_ten_megabytes_of_nesting_are_refused_unread(): void
    {
        $this->open(str_repeat('[', 10_000_000))->assertRedirect('/plans');
        $this->get('/plans')->assertSee('It is not a plan file.');
    }

    public function test_no_file_at_all_is_said(): void
    {
        $this->from('/plans')->post('/plan-files')->assertRedirect('/plans');
        $this->get('/plans')->assertSee('No file came.');
        $this->from('/plans')->post('/plan-files', ['file' => 'door.json'])->assertRedirect('/plans');
    }

    private function open(string $bytes): TestResponse
    {
        return $this->from('/plans')->post('/plan-files', ['file' => UploadedFile::fake()->createWithContent('door.json', $bytes)]);
    }
}
