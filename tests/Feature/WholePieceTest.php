<?php

namespace Tests\Feature;

use App\Http\Headers;
use App\Models\Photograph;
use App\Models\SavedPlan;
use App\Models\ShelfItem;
use App\Photos\CleanPhoto;
use App\Photos\PhotoRefused;
use Davrin\Core\Colour\MainColours;
use Davrin\Core\Material\OnHand;
use Davrin\Core\Measure\Length;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;

/** A plan as the whole piece it makes: checked, in its order of work, on the door, in the colours of a photograph. */
final class WholePieceTest extends FeatureCase
{
    public function test_a_check_says_what_was_looked_at_and_mends_what_it_finds(): void
    {
        $plan = $this->hang('barn-wedding-square');
        $page = $this->get("/plans/$plan->id/check")->assertOk()->assertSee('Nothing found')->assertSee('Do the rolls give enough?');
        $this->assertNotSame([], $this->texts($page, "//li[contains(@class,'question')]//p[@class='looked-at']"));

        $this->edit($plan, ['set' => ['parts.sign.at' => '4 in at 0 degrees', 'parts.flowers.spots' => '6']]);
        $page = $this->get("/plans/$plan->id/check")->assertOk()->assertSee('An even number.');
        $form = $this->find($page, "//form[.//button[contains(.,'Take 7 flowers')]]")[0];
        $sent = [];
        foreach ($form->getElementsByTagName('input') as $input) {
            parse_str(urlencode($input->getAttribute('name')).'='.urlencode($input->getAttribute('value')), $field);
            $sent = array_replace_recursive($sent, $field);
        }
        $this->post("/plans/$plan->id/edits", $sent)->assertRedirect();
        $this->assertSame(7, $plan->fresh()->plan()->part('flowers')->on->slip->count('spots'));
    }

    public function test_what_lies_on_the_shelf_is_not_bought_again(): void
    {
        $item = ShelfItem::begin('mesh', ['name' => 'Sage mesh']);
        $item->take([new OnHand(1, Length::inches(131))]);
        $plan = $this->hang('barn-wedding-square');
        $this->get("/plans/$plan->id/check")->assertSee('It lies on the shelf.')->assertSee('131 in free');
        $this->post("/plans/$plan->id/edits", [
            'revision' => $plan->fresh()->revision_id, 'do' => 'take-material', 'id' => $plan->plan()->wound()[0]->id, 'to' => (string) $item->id,
        ])->assertRedirect();
        $this->get("/plans/$plan->id/check")->assertDontSee('It lies on the shelf.');
    }

    public function test_the_order_of_work_numbers_every_step_and_tells_what_all_of_it_takes(): void
    {
        $plan = $this->hang('barn-wedding-square');
        $page = $this->get("/plans/$plan->id/order")->assertOk();
        $steps = $this->texts($page, "//section[@aria-label='Steps']//li/p[1]");
        $this->assertSame('Tie on 12 ties, each a whole stem.', $steps[0]);
        $this->assertStringStartsWith('Tuck in every end', $steps[count($steps) - 1]);
        $page->assertSee('16 stems: 12 ties, each a whole stem; 2 fixings of the sign')->assertSee('Hot glue burns');
    }

    public function test_a_piece_is_seen_on_a_door_of_any_size_from_both_sides(): void
    {
        $plan = $this->hang('barn-wedding-square');
        $page = $this->get("/plans/$plan->id/door")->assertOk()->assertSee('5 in stay free on either side');
        $this->assertCount(1, $this->find($page, "//*[local-name()='text'][@class='lettering'][.='Just']"));
        $this->get("/plans/$plan->id/door?wide=20+in&side=back")->assertSee('stands out by 3 in on either side')->assertDontSee('>Just<', false);
        $this->get("/plans/$plan->id/door?on=window&colour=navy&hook=70")->assertOk()->assertSee('#22345c')->assertSee('62 in above the floor');
        $this->get("/plans/$plan->id/door?side=back")->assertSee('class="scene-cover"', false);
        $odd = $this->get("/plans/$plan->id/door?wide=wide&high=9000&colour=mauvish&side=top&on=boat&hook[]=1")->assertOk();
        $this->assertCount(3, $this->find($odd, "//p[@class='problem']"));
        $this->assertSame('wide', $this->find($odd, "//input[@name='wide']")[0]->getAttribute('value'), 'what was typed stays');
        $this->get("/plans/$plan->id/door.svg")->assertOk()->assertHeader('Content-Type', 'image/svg+xml')->assertSee('Barn wedding square on a door');
    }

    public function test_a_photograph_gives_its_colours_and_what_is_nearest_on_the_shelf(): void
    {
        ShelfItem::begin('mesh', ['name' => 'Sea mesh', 'colour' => '#1d6a6b']);
        ShelfItem::begin('mesh', ['name' => 'Coal mesh', 'colour' => '#22252a']);
        $plan = $this->hang();
        $this->get("/plans/$plan->id/inspiration")->assertOk()->assertDontSee('use it');
        $this->upload($plan, self::photo())->assertRedirect("/plans/$plan->id/inspiration");
        $page = $this->get("/plans/$plan->id/inspiration")->assertOk();
        $this->assertSame(['Like teal, 48 % of it', 'Like ivory, 48 % of it', 'Like red, a little that stands out'], $this->texts($page, '//li/div/h2'));
        $this->assertStringContainsString('Sea mesh', $this->texts($page, "//li[1]//div[@class='near']")[0]);
        $stored = Photograph::query()->sole();
        $this->assertSame($stored->jpeg, $this->get("/plans/$plan->id/photograph")->assertHeader('Content-Type', 'image/jpeg')->getContent());
        $this->assertStringNotContainsString('here is where it was taken', $stored->jpeg);
        $this->upload($plan, self::photo());
        $this->assertSame(1, Photograph::query()->count(), 'another takes its place');
        $this->delete("/plans/$plan->id/inspiration")->assertRedirect();
        $this->get("/plans/$plan->id/photograph")->assertNotFound();
    }

    public function test_a_sign_bears_an_outline_and_a_photograph_of_its_own(): void
    {
        $plan = $this->hang('barn-wedding-square');
        $svg = '<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script><path d="M0 30 L20 0 L80 0 L100 30 L80 60 L20 60 Z"/></svg>';
        $take = fn (string $bytes): TestResponse => $this->post("/plans/$plan->id/parts/sign/outline", [
            'revision' => $plan->fresh()->revision_id, 'outline' => UploadedFile::fake()->createWithContent('sign.svg', $bytes),
        ]);
        $take($svg)->assertRedirect();
        $sign = $plan->fresh()->plan()->part('sign')->on->slip->write();
        $this->assertSame(['outline', 6], [$sign['shape'], count($sign['outline'])]);
        $take('no drawing')->assertSessionHasErrors('outline');
        $this->assertSame($sign, $plan->fresh()->plan()->part('sign')->on->slip->write(), 'nothing of it is kept');

        $this->upload($plan, self::photo());
        $images = fn (string $page): array => array_map(
            fn ($image): string => $image->getAttribute('href'),
            $this->find($this->get("/plans/$plan->id$page"), "//*[local-name()='image']"),
        );
        $this->assertSame([], $images(''), 'it is not written to be on the sign');
        $this->edit($plan, ['set' => ['parts.sign.face' => 'photo']]);
        $this->assertStringStartsWith("/plans/$plan->id/photograph?v=", $images('')[0]);
        $this->assertStringStartsWith('data:image/jpeg;base64,', $images('/door')[0], 'a picture of it has to hold it');
        $this->get("/plans/$plan->id")->assertHeader('Content-Security-Policy', Headers::ALL['Content-Security-Policy']);
    }

    #[TestWith(['<svg onload="alert(1)"/>', 'no photograph that Davrin can read'])]
    #[TestWith(['GIF89a<script>alert(1)</script>', 'no photograph that Davrin can read'])]
    #[TestWith(['', 'no photograph that Davrin can read'])]
    public function test_what_is_no_photograph_is_refused_and_not_kept(string $bytes, string $sentence): void
    {
        $plan = $this->hang();
        $this->upload($plan, $bytes);
        $this->get("/plans/$plan->id/inspiration")->assertSee($sentence);
        $this->assertSame(0, Photograph::query()->count());
    }

    public function test_a_photograph_that_is_cut_off_or_too_large_is_refused(): void
    {
        foreach ([[substr(self::photo(), 0, 900), 'damaged'], [str_repeat('x', CleanPhoto::MOST_BYTES + 1), 'larger than 15 MB']] as [$bytes, $sentence]) {
            try {
                CleanPhoto::of($bytes);
                $this->fail($sentence);
            } catch (PhotoRefused $refused) {
                $this->assertStringContainsString($sentence, $refused->getMessage());
            }
        }
        $plan = $this->hang();
        $this->post("/plans/$plan->id/inspiration")->assertSessionHasErrors('photograph');
    }

    public function test_colours_are_told_by_how_much_there_is_of_them(): void
    {
        $pixels = [...array_fill(0, 70, [30, 106, 107]), ...array_fill(0, 27, [232, 224, 205]), ...array_fill(0, 3, [179, 38, 30])];
        $this->assertSame(
            [['#1e6a6b', 0.7, false], ['#e8e0cd', 0.27, false], ['#b3261e', 0.03, true]],
            array_map(array_values(...), MainColours::of($pixels)),
        );
        $this->assertCount(1, MainColours::of([[1, 2, 3]]));
    }

    public function test_a_sign_and_an_extra_are_put_elsewhere_by_hand(): void
    {
        $plan = $this->hang('barn-wedding-square');
        $this->edit($plan, ['do' => 'place-thing', 'id' => 'sign', 'to' => '1', 'x' => '0', 'y' => '3'])->assertOk();
        $this->edit($plan, ['do' => 'place-thing', 'id' => 'flowers', 'to' => '2', 'x' => '5', 'y' => '0.02'])->assertOk();
        $parts = $plan->fresh()->plan();
        $this->assertSame('3 in at 180 degrees', $parts->part('sign')->on->slip->write()['at']);
        $this->assertSame(['2 to 5 in at 90 degrees'], $parts->part('flowers')->on->slip->write()['moved']);
        $this->edit($plan, ['do' => 'place-thing', 'id' => 'sign', 'to' => '1', 'x' => '90', 'y' => '0'])->assertStatus(422)->assertSee('The distance to');
        $this->edit($plan, ['do' => 'place-thing', 'id' => $parts->parts[0]->id, 'to' => '1', 'x' => '0', 'y' => '0'])->assertStatus(422);
    }

    private function upload(SavedPlan $plan, string $bytes): TestResponse
    {
        return $this->post("/plans/$plan->id/inspiration", ['photograph' => UploadedFile::fake()->createWithContent('room.jpg', $bytes)]);
    }

    /** A made-up room: a pale wall, a teal floor, a red dot; and in its file a remark of where it was taken. */
    private static function photo(): string
    {
        $image = imagecreatetruecolor(400, 400);
        imagefill($image, 0, 0, (int) imagecolorallocate($image, 239, 230, 207));
        imagefilledrectangle($image, 0, 208, 400, 400, (int) imagecolorallocate($image, 29, 106, 107));
        imagefilledrectangle($image, 60, 60, 130, 130, (int) imagecolorallocate($image, 191, 48, 48));
        ob_start();
        imagejpeg($image, null, 95);
        $jpeg = (string) ob_get_clean();
        $remark = 'here is where it was taken<script>alert(1)</script>';

        return substr($jpeg, 0, 2)."\xFF\xFE".pack('n', strlen($remark) + 2).$remark.substr($jpeg, 2);
    }
}
