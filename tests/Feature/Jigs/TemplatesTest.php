<?php

declare(strict_types=1);

namespace Tests\Feature\Jigs;

use App\Models\Jigs\Bit;
use App\Models\Jigs\Template;
use App\Models\Jigs\TemplateState;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Inertia\Testing\AssertableInertia;
use Tests\TestCase;

/** Templates from the making to the dip that spoils them; bits and their metres. */
final class TemplatesTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->actingAs($this->maker);
        $this->build();
        $this->build(['hand' => 'left']);
        $this->build(['bodyWidth' => '331']);
    }

    /** @param  array<string, mixed>  $said */
    private function make(array $said = []): Template
    {
        $this->post('/templates', ['name' => 'river body', 'shape' => 'body', 'build' => 1, 'made_of' => 'birch ply', 'place' => 'rack 2', ...$said])->assertSessionHasNoErrors();

        return Template::query()->latest('id')->firstOrFail();
    }

    public function test_it_is_made_after_a_specification_and_compared_with_every_build(): void
    {
        $template = $this->make();
        $this->assertSame([1, 1, TemplateState::Good], [$template->build_id, $template->revision, $template->state]);
        $page = $this->get("/templates/{$template->id}")->assertOk();
        $fits = collect($page->inertiaProps('fits'))->keyBy('build');
        $this->assertTrue($fits[1]['fits']);
        $this->assertFalse($fits[2]['fits']);
        $this->assertStringContainsString('for the right hand and this is for the left', $fits[2]['words']);
        $this->assertFalse($fits[3]['fits']);
        $this->assertMatchesRegularExpression('/does not fit: its line is off by up to [789]\.\d\d mm/', $fits[3]['words']);
        // Drawn with the other’s line and the place where it is farthest off.
        $this->get("/templates/{$template->id}?build=3")->assertInertia(fn (AssertableInertia $page) => $page->has('drawing.shapes', 4)->where('compared', fn (string $words): bool => str_contains($words, 'With No. 3'))->etc());
        $this->get("/templates/{$template->id}")->assertInertia(fn (AssertableInertia $page) => $page->has('drawing.shapes', 1)->where('compared', '')->etc());
    }

    public function test_a_build_says_what_is_there_and_what_has_to_be_made(): void
    {
        $this->get('/builds/1/templates')->assertInertia(fn (AssertableInertia $page) => $page->where('headline', 'No template fits it yet')->has('rows', 4)->etc());
        $template = $this->make();
        $this->get('/builds/1/templates')->assertInertia(fn (AssertableInertia $page) => $page->where('headline', '3 templates are still to be made')->where('rows.0.template', $template->id)->where('rows.0.fits', true)->where('rows.0.operations', ['body outline', 'neck pocket, fitted to its own neck', 'pickup and control cavities'])->where('making', fn (string $words): bool => str_starts_with($words, 'Its route counts'))->etc());
        $this->get('/builds/2/templates')->assertInertia(fn (AssertableInertia $page) => $page->where('rows.0.fits', false)->etc());
        foreach (['headstock', 'neck-side', 'fretboard'] as $shape) {
            $this->make(['shape' => $shape, 'name' => $shape]);
        }
        $this->get('/builds/1/templates')->assertInertia(fn (AssertableInertia $page) => $page->where('headline', 'Every template that it needs is there')->where('making', fn (string $words): bool => str_contains($words, 'take that off on the route'))->etc());
    }

    public function test_a_damaged_one_lists_what_it_was_used_on_since_its_last_check(): void
    {
        $template = $this->make();
        $id = $template->id;
        $this->post("/templates/{$id}/uses", ['version' => 1, 'build' => 3])->assertSessionHasNoErrors();
        $this->at('2026-03-19 09:00');
        $this->post("/templates/{$id}/check", ['version' => 2, 'good' => '1', 'words' => 'on poplar'])->assertSessionHasNoErrors();
        $this->at('2026-03-20 09:00');
        $this->post("/templates/{$id}/uses", ['version' => 3, 'build' => 1])->assertSessionHasNoErrors();
        $this->post("/templates/{$id}/uses", ['version' => 4, 'build' => 2])->assertSessionHasErrors('build');
        $this->assertStringContainsString('takes a template of its own', session('errors')->first('build'));
        $this->post("/templates/{$id}/damage", ['version' => 4, 'where' => ''])->assertSessionHasErrors('where');
        $this->post("/templates/{$id}/damage", ['version' => 4, 'where' => 'dipped at the waist'])->assertSessionHasNoErrors();
        $this->get("/templates/{$id}")->assertInertia(fn (AssertableInertia $page) => $page->where('since', ['No. 1 Fennimore'])->where('trouble', true)->where('headline', "{$id} · river body, damaged: dipped at the waist")->etc());
        $this->get('/templates')->assertInertia(fn (AssertableInertia $page) => $page->where('headline', 'One template is damaged')->etc());
        // Nothing more is cut along it until it is good again on scrap.
        $this->post("/templates/{$id}/uses", ['version' => 5, 'build' => 1])->assertSessionHasErrors('build');
        $this->post("/templates/{$id}/damage", ['version' => 5, 'where' => 'again'])->assertSessionHasErrors('where');
        $this->post("/templates/{$id}/check", ['version' => 5, 'good' => '0', 'words' => ''])->assertSessionHasErrors('words');
        $this->post("/templates/{$id}/check", ['version' => 4, 'good' => '1'])->assertSessionHasErrors('conflict');
        $this->post("/templates/{$id}/check", ['version' => 5, 'good' => '1', 'words' => 'filled and filed'])->assertSessionHasNoErrors();
        $this->get("/templates/{$id}")->assertInertia(fn (AssertableInertia $page) => $page->where('since', [])->where('trouble', false)->has('history', 4)->etc());
    }

    public function test_bits_count_their_metres_and_ask_to_be_sharpened(): void
    {
        $this->post('/bits', ['name' => '12 mm flush', 'most' => '20'])->assertSessionHasNoErrors();
        $this->post('/bits', ['name' => '12 mm flush', 'most' => '20'])->assertSessionHasErrors('name');
        $this->post('/bits', ['name' => 'other', 'most' => '0'])->assertSessionHasErrors('most');
        $template = $this->make(['bit' => 1]);
        $this->post("/templates/{$template->id}/uses", ['version' => 1, 'build' => 1])->assertSessionHasNoErrors();
        // Once round a body 45 mm deep, in eight passes of 6 mm.
        $made = $template->workings();
        $this->assertNotNull($made);
        $line = $made->body()->outline->perimeter();
        $this->assertSame((int) ceil($line * 8 / 100), Bit::query()->sole()->cut);
        $this->post("/templates/{$template->id}/uses", ['version' => 2, 'build' => 3])->assertSessionHasNoErrors();
        $this->get('/templates')->assertInertia(fn (AssertableInertia $page) => $page->where('bits.0.dull', true)->where('bits.0.words', fn (string $words): bool => str_contains($words, 'sharpen or change it'))->etc());
        $this->post('/bits/1/sharpened', ['version' => 1])->assertSessionHasErrors('conflict');
        $this->post('/bits/1/sharpened', ['version' => 3])->assertSessionHasNoErrors();
        $this->assertSame(0, Bit::query()->sole()->cut);
    }

    public function test_something_for_a_single_use_is_noted_and_bad_input_refused(): void
    {
        $this->post('/templates/once', ['name' => 'caul for the waist', 'place' => 'drawer 3', 'build' => '2'])->assertSessionHasNoErrors();
        $once = Template::query()->sole();
        $this->assertNull($once->shape);
        $this->get("/templates/{$once->id}")->assertInertia(fn (AssertableInertia $page) => $page->where('fits', [])->where('drawing', null)->where('headline', "{$once->id} · caul for the waist, for a single use")->etc());
        $this->post('/templates', ['name' => 'nothing', 'build' => 1])->assertSessionHasErrors(['shape' => 'Say what it is the shape of; a tool without one is noted for a single use.']);
        $this->post('/templates', ['name' => 'x', 'shape' => 'moon', 'build' => 1])->assertSessionHasErrors('shape');
        $this->post('/templates', ['name' => 'x', 'shape' => 'body', 'build' => 99])->assertSessionHasErrors('build');
        $this->post('/templates', ['name' => '', 'shape' => 'body', 'build' => 1, 'bit' => 7])->assertSessionHasErrors(['name', 'bit']);
    }

    public function test_files_are_kept_as_they_came_and_only_saved(): void
    {
        $template = $this->make();
        $file = UploadedFile::fake()->createWithContent('../../body <1>.nc', "G0 X0\n(<script>)\n");
        $this->post("/templates/{$template->id}/files", ['file' => $file])->assertForbidden();
        $this->actingAs($this->manager);
        $this->post("/templates/{$template->id}/files", ['file' => $file])->assertSessionHasNoErrors();
        $this->post("/templates/{$template->id}/files", ['file' => UploadedFile::fake()->createWithContent('same.nc', "G0 X0\n(<script>)\n")])->assertSessionHasErrors('file');
        foreach (['run.exe' => 'x', 'page.html' => '<b>', 'empty.svg' => ''] as $name => $content) {
            $this->post("/templates/{$template->id}/files", ['file' => UploadedFile::fake()->createWithContent($name, $content)])->assertSessionHasErrors('file');
        }
        $kept = DB::table('template_files')->sole();
        $this->assertStringNotContainsString('/', $kept->name);
        $response = $this->get("/templates/files/{$kept->id}")->assertOk()->assertHeader('Content-Type', 'application/octet-stream');
        $this->assertSame("G0 X0\n(<script>)\n", $response->getContent());
        $this->assertStringStartsWith('attachment; filename="', (string) $response->headers->get('Content-Disposition'));
        $this->post("/templates/{$template->id}/retire", ['version' => 1])->assertSessionHasNoErrors();
        $this->post("/templates/{$template->id}/uses", ['version' => 2, 'build' => 1])->assertSessionHasErrors('conflict');
    }
}
