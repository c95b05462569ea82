<?php

declare(strict_types=1);

namespace Tests\app;

use App\Models\LabProfile;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Planisher\Colour\Space;
use Planisher\Imaging\Colour\ShippedProfiles;

/** Lab cards, their papers and profiles, and a print seen on its paper. */
final class LabsTest extends TestCase
{
    private const PAPERS = __DIR__.'/../../demo/profiles';

    private function take(string $bytes, string $name): TestResponse
    {
        $path = storage_path('app/uploads/'.bin2hex(random_bytes(6)));
        file_put_contents($path, $bytes);

        return $this->post(
            "/api/labs/{$this->order->lab_id}/profiles",
            ['profile' => new UploadedFile($path, $name, test: true)],
            ['Accept' => 'application/json'],
        );
    }

    /** @return array<string, mixed> */
    private function lab(): array
    {
        return $this->getJson("/api/labs/{$this->order->lab_id}")
            ->assertOk()
            ->json();
    }

    /**
     * @param  array<string, string>  $texts  by field
     * @param  ?list<array<string, mixed>>  $papers
     */
    private function card(array $texts, ?array $papers = null): TestResponse
    {
        return $this->putJson(
            "/api/labs/{$this->order->lab_id}",
            ['version' => $this->lab()['version'], 'texts' => $texts] + ($papers === null ? [] : ['papers' => $papers]),
        );
    }

    /** The lab with a matte paper whose profile is uploaded. */
    private function withRag(): void
    {
        $this->take((string) file_get_contents(self::PAPERS.'/simulated-matte.icc'), 'rag.icc')->assertCreated();
        $this->card([], [['name' => 'Rag', 'surface' => 'matte', 'profile' => 'rag.icc']])->assertOk();
    }

    public function test_a_profile_is_taken_up_and_read_with_its_own_description(): void
    {
        $this->withRag();
        $lab = $this->lab();
        self::assertSame([['name' => 'Rag', 'surface' => 'matte', 'profile' => 'rag.icc']], $lab['papers']);
        self::assertStringContainsStringIgnoringCase('matte', $lab['profiles'][0]['description']);
        // sRGB's corners in u′v′ under D50, from its published D50 matrix (ICC, “How to interpret the sRGB colour space”)
        $srgb = array_column($lab['spaces'], 'gamut', 'name')['sRGB'];
        foreach ([0 => [0.4572, 0.5249], 16 => [0.1348, 0.5645], 32 => [0.1792, 0.1708]] as $i => $corner) {
            self::assertEqualsWithDelta($corner, $srgb[$i], 0.003);
        }
        self::assertCount(48, $lab['profiles'][0]['gamut']);
    }

    public function test_what_is_no_papers_profile_is_refused_by_name_and_nothing_is_kept(): void
    {
        $refused = [
            'hello' => 'not an ICC profile',
            ShippedProfiles::bytes(Space::Srgb) => 'describes a screen',
            '' => 'not an ICC profile',
        ];
        foreach ($refused as $bytes => $says) {
            $message = $this->take((string) $bytes, 'holiday.icc')->assertUnprocessable()->json('message');
            self::assertMatchesRegularExpression("/{$says}/u", $message);
        }
        self::assertSame(0, LabProfile::query()->count());
        $this->card([], [['name' => 'Rag', 'surface' => 'furry']])->assertUnprocessable();
        $this->putJson("/api/labs/{$this->order->lab_id}", ['version' => 7, 'texts' => [], 'papers' => []])->assertConflict();
    }

    public function test_how_the_lab_wants_its_files(): void
    {
        $wanted = ['colour' => 'Adobe RGB (1998)', 'quality' => '88', 'ppi' => '240', 'formats' => 'TIFF or JPEG', 'bits' => '8 or 16'];
        $this->card($wanted)->assertOk();
        self::assertEquals($wanted, array_intersect_key($this->lab()['texts'], $wanted));
        $this->line();
        self::assertStringContainsString(
            'in the lab’s Adobe RGB (1998), saved as TIFF',
            implode('', array_column($this->getJson("/api/orders/{$this->order->id}")->json('lines.0.sentence'), 'text')),
        );
        foreach ([['colour' => 'CMYK'], ['quality' => '0'], ['ppi' => '5000'], ['formats' => 'GIF'], ['bits' => '12.5']] as $wrong) {
            $this->card($wrong)->assertUnprocessable();
        }
    }

    public function test_the_card_says_where_it_disagrees_and_which_lines_a_paper_has(): void
    {
        $this->withRag();
        $this->line();
        $this->line('8 x 10 in', ['paper' => 'Rag']);
        $this->card(['takesPaperProfiles' => 'yes'], array_values([...$this->lab()['papers'], ['name' => 'Plain']]))->assertOk();
        self::assertSame([['Rag' => 2, 'Plain' => 0], []], [$this->lab()['linesOn'], $this->lab()['disagreements']]);
        self::assertMatchesRegularExpression('/^(Beyond|Short)/', $this->lab()['profiles'][0]['beside']);
        $this->card([], [['name' => 'Plain']])->assertOk();
        self::assertSame(['Plain' => 1], $this->lab()['linesOn'], 'one names the paper that is gone');
        self::assertStringContainsString('none of its papers has one', $this->lab()['disagreements'][0]);
        self::assertContains(
            'paper-unknown',
            array_column($this->getJson("/api/orders/{$this->order->id}")->json('lines.1.findings'), 'code'),
        );
        $this->card([], [['name' => 'Plain'], ['name' => 'Plain']])->assertUnprocessable();
    }

    public function test_a_print_is_seen_on_its_paper(): void
    {
        $this->withRag();
        $line = $this->line();
        $view = $this->getJson("/api/orders/{$this->order->id}")->json('lines.0');
        self::assertSame(['Rag', 'matte'], [$view['uses']['paper']['name'], $view['uses']['paper']['surface']]);
        $seen = $this->getJson("/api/lines/{$line->id}/seen/{$view['planHash']}")
            ->assertOk()
            ->json();
        self::assertMatchesRegularExpression(
            '/^Darkest tone \d+ instead of \d+; white a little warm; .*(drawn in, mostly [a-z, ]+|fit)\.$/u',
            $seen['note'],
        );
        foreach (['proof', 'gamut'] as $what) {
            $this->get("/api/lines/{$line->id}/{$what}/{$view['planHash']}")->assertOk();
        }
        $this->getJson("/api/lines/{$line->id}/proof/".str_repeat('0', 64))->assertNotFound();
    }

    public function test_without_a_profile_only_the_gamut_of_the_file_is_told(): void
    {
        $line = $this->line();
        $hash = $this->getJson("/api/orders/{$this->order->id}")->json('lines.0.planHash');
        $this->getJson("/api/lines/{$line->id}/proof/{$hash}")->assertNotFound();
        self::assertSame(
            'All colours fit.',
            $this->getJson("/api/lines/{$line->id}/seen/{$hash}")
                ->assertOk()
                ->json('note'),
        );
    }

    public function test_a_file_in_its_papers_profile_is_made_where_the_lab_takes_it(): void
    {
        $this->withRag();
        $line = $this->line('4 x 6 in', ['output' => ['colour' => 'paper'], 'forPaper' => ['open' => 0.4]]);
        $stopped = $this->getJson("/api/orders/{$this->order->id}")->json('lines.0');
        self::assertSame('colour-not-taken', $stopped['findings'][0]['code']);
        self::assertStringContainsString('in its paper’s profile', implode('', array_column($stopped['sentence'], 'text')));
        $this->card(['takesPaperProfiles' => 'yes'])->assertOk();
        $this->pass($line)->assertOk();
        $this->postJson("/api/orders/{$this->order->id}/make")->assertCreated();
        $file = $this->getJson("/api/orders/{$this->order->id}/make")->json('makes.0.files.0');
        self::assertSame('made', $file['state'], (string) $file['error']);
        $profile = array_column($file['readBack'], null, 'what')['profile'];
        self::assertTrue($profile['agrees']);
        self::assertStringContainsStringIgnoringCase('matte', $profile['found']);
    }
}
