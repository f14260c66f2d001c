<?php

declare(strict_types=1);

namespace Tests\Feature\Parts;

use App\Devices\SimulatedLabelPrinter;
use Illuminate\Support\Facades\File;
use Tests\TestCase;

/** Labels: on a sheet, from the roll, and where their codes lead. */
final class LabelsTest extends TestCase
{
    use KeepsParts;

    public function test_what_is_chosen_is_printed_on_a_sheet_and_from_the_roll(): void
    {
        $this->part();
        $this->post('/timber/boards', ['species' => 'red alder', 'length' => '2400', 'width' => '210', 'thickness' => '52', 'cost' => '98', 'cut' => 'flat-sawn'])->assertSessionHasNoErrors();
        $keys = array_column($this->actingAs($this->maker)->get('/stores/labels')->assertOk()->inertiaProps('labels'), 'key');
        $this->assertSame(['board 1', 'drawer drawer A1', 'part 1'], $keys);
        $sheet = fn (array $labels, string $paper = 'a4'): \Illuminate\Testing\TestResponse => $this->get("/stores/labels-{$paper}.pdf?".http_build_query(['labels' => $labels]));
        $this->assertStringStartsWith('%PDF', (string) $sheet($keys)->assertOk()->getContent());
        $sheet($keys, 'a3')->assertNotFound();
        $sheet(['board 99'])->assertNotFound();
        $this->post('/stores/labels/print', [])->assertSessionHasErrors('labels');
        $this->post('/stores/labels/print', ['labels' => ['board 99']])->assertSessionHasErrors('labels');
        $before = File::exists(SimulatedLabelPrinter::folder()) ? File::files(SimulatedLabelPrinter::folder()) : [];
        $this->post('/stores/labels/print', ['labels' => ['board 1', 'drawer drawer A1']])->assertSessionHasNoErrors();
        preg_match('/(labels-[\w-]+\.pdf)/', (string) session('done'), $found);
        $file = SimulatedLabelPrinter::folder()."/{$found[1]}";
        $this->assertSame(2, preg_match_all('~/Type\s*/Page\b~', File::get($file)), 'a page for each label');
        File::delete($file);
        $this->assertLessThanOrEqual(count($before) + 1, count(File::files(SimulatedLabelPrinter::folder())) + 1);
    }

    public function test_a_code_opens_what_it_names_and_an_unknown_one_says_so(): void
    {
        $part = $this->part();
        $this->get("/label/part/{$part->id}")->assertRedirect("/stores/parts/{$part->id}");
        $this->get('/label/drawer/'.rawurlencode('drawer A1'))->assertRedirect('/stores/parts?find=drawer%20A1');
        foreach (['/label/part/99', '/label/board/99999999999', '/label/drawer/nowhere', '/label/moon/1', '/label/blank/x', '/label/piece/7'] as $path) {
            $this->get($path)->assertRedirect('/scan');
            $this->assertStringContainsString('is not in the stores', $this->get('/scan')->inertiaProps('unknown'));
        }
        auth()->logout();
        $this->get("/label/part/{$part->id}")->assertRedirect('/sign-in');
    }
}
