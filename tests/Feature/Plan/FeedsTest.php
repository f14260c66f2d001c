<?php

declare(strict_types=1);

namespace Tests\Feature\Plan;

use App\Models\Plan\PlanEntry;
use Illuminate\Support\Facades\DB;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** The calendar of the shop, week sheets, holiday calendars that are read, and calendars that others subscribe to. */
final class FeedsTest extends TestCase
{
    use ReadCalendars;

    public function test_a_feed_is_read_by_another_program_until_it_is_revoked(): void
    {
        $this->post('/plan/feeds', ['what' => 'person', 'person' => $this->manager->id])->assertSessionHasNoErrors();
        $address = $this->get('/plan/feeds')->inertiaProps('feeds.0.address');
        $this->assertMatchesRegularExpression('~/feeds/[A-Za-z0-9]{40}\.ics$~', $address);
        $this->assertStringNotContainsString(
            basename($address, '.ics'), json_encode(DB::table('feeds')->get()),
            'the address is not to be read from the database',
        );
        auth()->logout();
        $response = $this->get($address)->assertOk()->assertHeader('Content-Type', 'text/calendar; charset=utf-8');
        $events = $this->read((string) $response->getContent());
        $planned = PlanEntry::query()
            ->where('person_id', $this->manager->id)
            ->where('work_minutes', '>', 0)
            ->with('operation')
            ->get();
        $first = $planned->sortBy('start')->first();
        $this->assertSame($first->start->toIso8601ZuluString(), $events[0]['start']);
        $this->assertStringContainsString("No. 1 {$first->operation->name}", $events[0]['summary']);
        $this->assertSame(
            $planned->sum('work_minutes'), array_sum(array_column($events, 'minutes')),
            'every working minute is in it, and no night',
        );
        $this->assertSame(count($events), count(array_unique(array_column($events, 'uid'))));
        $this->actingAs($this->manager);
        $this->assertNotNull($this->get('/plan/feeds')->inertiaProps('feeds.0.readAt'));
        $this->delete('/plan/feeds/1')->assertSessionHasNoErrors();
        $this->get($address)->assertNotFound();
        $this->get('/feeds/'.str_repeat('x', 40).'.ics')->assertNotFound();
        $this->get('/feeds/short.ics')->assertNotFound();
    }

    public function test_an_address_that_was_kept_with_another_key_still_works_but_is_not_shown_again(): void
    {
        $this->post('/plan/feeds', ['what' => 'shop']);
        $address = $this->get('/plan/feeds')->inertiaProps('feeds.0.address');
        DB::table('feeds')->update(['token' => 'kept with the key of another machine']);
        $this->assertNull($this->get('/plan/feeds')->assertOk()->inertiaProps('feeds.0.address'));
        $this->get($address)->assertOk();
        $this->delete('/plan/feeds/1')->assertSessionHasNoErrors();
        $this->get($address)->assertNotFound();
    }

    public function test_feeds_of_a_build_and_of_the_shop_have_holds_and_promises_too(): void
    {
        $this->post('/plan/feeds', ['what' => 'build', 'build' => 1])->assertSessionHasNoErrors();
        $this->post('/plan/feeds', ['what' => 'shop'])->assertSessionHasNoErrors();
        [$build, $shop] = array_map(
            fn (array $feed): array => $this->read((string) $this->get($feed['address'])->getContent()),
            $this->get('/plan/feeds')->inertiaProps('feeds'),
        );
        $this->assertSame($build, $shop, 'there is only one build');
        $this->assertNotEmpty(
            array_filter($build, static fn (array $event): bool => str_contains($event['summary'], ': hold')),
        );
        $promise = array_values(array_filter($build, static fn (array $event): bool => $event['allDay']));
        $this->assertSame(['No. 1 Fennimore promised', '2026-05-15'], [$promise[0]['summary'], $promise[0]['start']]);
    }

    public function test_a_person_s_feed_has_their_leave_and_their_errands(): void
    {
        $this->post('/plan/changes', ['changes' => [
            [
                'kind' => 'away', 'person' => $this->maker->id, 'from' => '2026-03-19', 'part' => '13:00–14:30',
                'what' => 'errand', 'note' => 'fetch timber',
            ],
            ['kind' => 'away', 'person' => $this->maker->id, 'from' => '2026-03-30', 'note' => 'leave'],
            ['kind' => 'away', 'person' => $this->manager->id, 'from' => '2026-03-31'],
        ]])->assertSessionHasNoErrors();
        $this->post('/plan/feeds', ['what' => 'person', 'person' => $this->maker->id]);
        $events = array_values(
            array_filter(
                $this->read(
                    (string) $this->get($this->get('/plan/feeds')->inertiaProps('feeds.0.address'))->getContent(),
                ),
                static fn (array $event): bool => str_starts_with($event['uid'], 'away-'),
            ),
        );
        $this->assertSame([
            ['Errand: fetch timber (Tobias)', '2026-03-19T12:00:00Z', 90, false],
            ['Off: leave (Tobias)', '2026-03-30', 0, true],
        ], array_map(static fn (array $event): array => [$event['summary'], $event['start'], $event['minutes'], $event['allDay']], $events));
        $this->post('/plan/feeds', ['what' => 'build', 'build' => 1]);
        $this->assertSame(
            [],
            array_filter(
                $this->read(
                    (string) $this->get($this->get('/plan/feeds')->inertiaProps('feeds.1.address'))->getContent(),
                ),
                static fn (array $event): bool => str_starts_with($event['uid'], 'away-'),
            ),
        );
    }

    public function test_a_maker_subscribes_to_their_own_calendar_and_to_no_other(): void
    {
        $this->actingAs($this->maker)->post('/plan/feeds', ['what' => 'shop'])->assertForbidden();
        $this->post('/plan/feeds', ['what' => 'person', 'person' => $this->manager->id])->assertForbidden();
        $this->post('/plan/feeds', ['what' => 'person', 'person' => $this->maker->id])->assertSessionHasNoErrors();
        $this->actingAs($this->manager)->post('/plan/feeds', ['what' => 'shop']);
        $this->post('/plan/feeds', ['what' => 'weather'])->assertSessionHasErrors('what');
        $this->post('/plan/feeds', ['what' => 'build'])->assertSessionHasErrors('build');
        $this->assertCount(1, $this->actingAs($this->maker)->get('/plan/feeds')->inertiaProps('feeds'));
        $this->delete('/plan/feeds/2')->assertForbidden();
        $this->delete('/plan/feeds/1')->assertSessionHasNoErrors();
    }

    /**
     * By a reader that is not ours: the general-purpose npm package ical.js.
     *
     * @return list<array{uid: string, summary: string, start: string, minutes: int, allDay: bool}> in the order of time
     */
    private function read(string $text): array
    {
        $script = 'const I=require("ical.js").default||require("ical.js");let '
            .'s="";process.stdin.on("data",c=>s+=c).on("end",()=>{const c=new '
                .'I.Component(I.parse(s));console.log(JSON.stringify(c.getAllSubcomponents("vevent").map(v=>{const '
                    .'e=new I.Event(v);return{uid:e.uid,summary:e.summary,start:e.startDate.toString(),minutes:e.startDate.isDate?0:e.duration.toSeconds()/60,allDay:e.startDate.isDate}})))})';
        $events = json_decode(
            (new Process(['node', '-e', $script], base_path(), null, $text))->mustRun()->getOutput(),
            true,
            512,
            JSON_THROW_ON_ERROR,
        );
        usort($events, static fn (array $a, array $b): int => $a['start'] <=> $b['start']);

        return $events;
    }
}
