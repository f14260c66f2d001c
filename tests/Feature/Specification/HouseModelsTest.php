<?php

declare(strict_types=1);

namespace Tests\Feature\Specification;

use App\Models\House\HouseModel;
use Tests\TestCase;

/** Models of the house: what a commission begins from. */
final class HouseModelsTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->actingAs($this->manager);
    }

    /** @param  array<string, mixed>  $typed */
    private function make(string $name, array $typed, bool $default = false): HouseModel
    {
        $this->post(
            '/house/models', ['name' => $name, 'is_default' => $default, 'specification' => $typed],
        )->assertSessionHasNoErrors();

        return HouseModel::query()->where('name', $name)->sole();
    }

    public function test_a_commission_begins_from_a_model_and_what_it_takes_is_the_houses(): void
    {
        $model = $this->make('Short scale', ['type' => 'guitar', 'scale' => '24 3/4"', 'joint' => 'set']);
        $this->make('Ours', ['type' => 'guitar', 'frets' => '21', 'scale' => '25"'], true);
        $answer = $this
            ->postJson('/commissions/forecast', ['specification' => [], 'model_id' => $model->id])
            ->assertOk()
            ->json('values');
        $this->assertSame(
            [['628.65 mm', 'house'], ['21', 'house'], ['set', 'house']],
            array_map(
                static fn (string $key): array => [$answer[$key]['words'], $answer[$key]['source']],
                ['scale', 'frets', 'joint'],
            ),
            'the model over the house’s own way',
        );
        $this->post(
            '/commissions',
            ['purpose' => 'stock', 'specification' => ['frets' => '24', 'joinFret' => '18'], 'model_id' => $model->id],
        )->assertSessionHasNoErrors();
        $page = $this->get('/builds/1/specification')->assertOk();
        $this->assertSame(
            ['24', 'client'],
            [$page->inertiaProps('worked.values.frets.words'), $page->inertiaProps('worked.values.frets.source')],
        );
        $this->put(
            "/house/models/{$model->id}",
            ['version' => 1, 'name' => 'Short scale', 'specification' => ['type' => 'guitar', 'scale' => '22"']],
        )->assertSessionHasNoErrors();
        $this->assertSame(
            '628.65 mm',
            $this->get('/builds/1/specification')->inertiaProps('worked.values.scale.words'),
            'what was agreed does not move with the model',
        );
    }

    public function test_one_model_of_a_type_is_the_houses_own_way(): void
    {
        $first = $this->make('First', ['type' => 'bass', 'scale' => '34"'], true);
        $this->make('Second', ['type' => 'bass', 'scale' => '35"'], true);
        $this->assertFalse($first->refresh()->is_default);
        $this->assertSame(
            '889 mm',
            $this->postJson(
                '/commissions/forecast', ['specification' => ['type' => 'bass']],
            )->json('values.scale.words'),
        );
    }

    public function test_it_is_copied_mirrored_and_taken_from_a_build(): void
    {
        $model = $this->make('Plain', ['type' => 'guitar', 'scale' => '25"']);
        $copy = $this->get("/house/models/new?like={$model->id}")->assertOk();
        $this->assertSame(['Plain, copy', '25"'], [$copy->inertiaProps('name'), $copy->inertiaProps('client.scale')]);
        $mirror = $this->get("/house/models/new?like={$model->id}&mirror=1");
        $this->assertSame(
            ['Plain, left-handed', 'left'], [$mirror->inertiaProps('name'), $mirror->inertiaProps('client.hand')],
        );
        $this->assertSame('left-handed six-string, solid, red alder', $mirror->inertiaProps('worked.shown.inOneLine'));
        $this->build(['scale' => '26"']);
        $this->assertSame('26"', $this->get('/house/models/new?build=1')->inertiaProps('client.scale'));
        $this->assertNull(
            $this->get('/house/models/new?build=1')->inertiaProps('client.wishes'), 'a client’s wishes are no model',
        );
        $this->assertSame(['Plain'], array_column($this->get('/house/models')->inertiaProps('models'), 'name'));
    }

    public function test_what_cannot_be_built_and_names_that_are_taken_are_refused(): void
    {
        $this->make('Plain', ['scale' => '25"']);
        $this->post('/house/models', ['name' => 'Plain', 'specification' => []])->assertSessionHasErrors('name');
        $this->post('/house/models', ['name' => '', 'specification' => []])->assertSessionHasErrors('name');
        $this->post(
            '/house/models', ['name' => 'Wrong', 'specification' => ['scale' => '3']],
        )->assertSessionHasErrors('scale');
        $this->put(
            '/house/models/1', ['version' => 9, 'name' => 'Plain', 'specification' => []],
        )->assertSessionHasErrors('conflict');
        $this->assertSame(1, HouseModel::query()->count());
        $this->assertSame(
            ['scale'],
            array_keys(
                $this->postJson('/house/models/work-out', ['specification' => ['scale' => '3']])->json('problems'),
            ),
        );
    }
}
