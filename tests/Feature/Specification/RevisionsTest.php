<?php

declare(strict_types=1);

namespace Tests\Feature\Specification;

use App\Models\Build\KitLine;
use App\Models\Build\LogEntry;
use App\Models\Build\Operation;
use App\Models\Build\SpecificationRevision;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Regimen\Route\Operations\FretboardOperation;
use Regimen\Route\Operations\JointOperation;
use Tests\TestCase;

/** A specification from the first draft to the bench, and from one revision to the next. */
final class RevisionsTest extends TestCase
{
    use WrittenSpecification;

    public function test_route_and_kit_follow_the_first_revision_until_it_is_released(): void
    {
        $build = $this->commission();
        $this->keep($build, ['joint' => 'set', 'finish' => 'nitrocellulose']);
        $this->assertTrue(Operation::query()->where('key', JointOperation::GlueNeck->value)->exists());
        $this->assertFalse(Operation::query()->where('key', JointOperation::Screws->value)->exists());
        $this->assertFalse(KitLine::query()->where('name', 'neck screws and plate')->exists());
        $this->assertSame(0, Operation::query()->whereDoesntHave('planned')->count(), 'everything is planned');
    }

    public function test_a_released_revision_is_never_edited_whoever_tries(): void
    {
        $build = $this->build();
        $this->put(
            self::URL, ['version' => 2, 'specification' => self::SPECIFICATION],
        )->assertSessionHasErrors('conflict');
        $this->assertStringContainsString('never edited', session('errors')->first('conflict'));
        foreach ([
            'update specification_revisions set client = "{}"', 'delete from specification_revisions',
        ] as $statement) {
            try {
                DB::statement($statement);
                $this->fail('the database let it pass');
            } catch (QueryException $refused) {
                $this->assertStringContainsString('a released revision is never', $refused->getMessage());
            }
        }
        $this->assertSame(self::SPECIFICATION['scale'], $build->specification()->sole()->client['scale']);
    }

    public function test_a_second_revision_keeps_what_is_done_and_says_what_became_useless(): void
    {
        $build = $this->build();
        $this->finished($build, JointOperation::Screws->value, FretboardOperation::Slots->value);
        DB::table('time_entries')->insert(
            [
                'operation_id' => $this->operation($build, JointOperation::Screws->value)->id,
                'person_id' => $this->manager->id, 'worked_on' => '2026-03-16', 'minutes' => 50, 'rate_minor' => 4800,
                'source' => 'clock',
            ],
        );
        KitLine::query()->where('name', 'neck screws and plate')->update(['state' => 'arrived']);
        $this->post('/builds/1/revisions')->assertRedirect(self::URL);
        $this->post('/builds/1/revisions')->assertSessionHasErrors('conflict');
        $this->keep($build, ['joint' => 'set', 'finish' => 'nitrocellulose', 'colour' => 'black']);
        $this->assertFalse(
            Operation::query()->where('key', JointOperation::GlueNeck->value)->exists(),
            'nothing changes in the shop before it is released',
        );

        $page = $this->get('/builds/1/revisions')->assertOk();
        $this->assertSame([1, 2], [$page->inertiaProps('from'), $page->inertiaProps('to')]);
        $changes = collect($page->inertiaProps('comparison.values'))->keyBy('name');
        $this->assertSame(['bolt-on', 'set'], [$changes['Neck joint']['before'], $changes['Neck joint']['after']]);
        $follows = implode(' ', $page->inertiaProps('comparison.follows'));
        $this->assertStringContainsString('h more', $follows);
        $this->assertStringContainsString('Planned finish if it is released', $follows);
        $this->assertStringContainsString(
            '“drill and fit the neck screws” is no longer needed; 50 min were worked on it.',
            $follows,
        );
        $this->assertStringContainsString('neck screws and plate is no longer needed and is in the shop.', $follows);
        $this->assertContains(
            ['name' => 'colour', 'before' => '', 'after' => '1.5 h'], $page->inertiaProps('comparison.operations'),
        );
        $this->assertFalse(
            Operation::query()->where('key', JointOperation::GlueNeck->value)->exists(),
            'looking changes nothing',
        );

        $this->post(self::URL.'/release', ['version' => $this->draft($build)->version])->assertSessionHasNoErrors();
        $this->assertSame('open', $this->operation($build, JointOperation::GlueNeck->value)->state->value);
        $this->assertSame(
            ['done', 'done'],
            [
                $this->operation($build, FretboardOperation::Slots->value)->state->value,
                $this->operation($build, JointOperation::Screws->value)->state->value,
            ],
        );
        $this->assertTrue(KitLine::query()->where('name', 'neck screws and plate')->sole()->surplus);
        $this->assertSame(2, $build->specification()->sole()->number);
        $this->assertSame(
            'bolt-on', $this->get(self::URL.'/1')->inertiaProps('client.joint'), 'the old one stays readable',
        );
        $this->assertStringContainsString(
            'is no longer needed',
            LogEntry::query()->where('kind', 'specification')->latest('id')->firstOrFail()->text,
        );
    }

    public function test_a_revision_that_was_begun_can_be_given_up_and_the_logbook_keeps_it(): void
    {
        $this->build();
        $this->post('/builds/1/revisions');
        $this->delete('/builds/1/revisions', ['version' => 1])->assertSessionHasNoErrors();
        $this->assertSame(1, SpecificationRevision::query()->count());
        $this->assertStringContainsString('25 1\/2', LogEntry::query()->latest('id')->firstOrFail()->text);
        $this->delete('/builds/1/revisions', ['version' => 1])->assertSessionHasErrors('conflict');
    }

    public function test_of_two_who_write_the_second_is_told(): void
    {
        $build = $this->commission();
        $this->keep($build, ['frets' => '21']);
        $this->put(
            self::URL,
            ['version' => 1, 'specification' => [...self::SPECIFICATION, 'frets' => '24']],
        )->assertSessionHasErrors('conflict');
        $this->assertSame('21', $this->draft($build)->client['frets']);
    }
}
