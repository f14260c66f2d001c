<?php

declare(strict_types=1);

namespace Tests\Feature\Clients;

use App\Models\Build\Build;
use App\Models\Build\KitLine;
use App\Models\Build\Operation;
use App\Models\Client\Letter;
use App\Models\People\TimeEntry;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use Inertia\Testing\AssertableInertia;
use Symfony\Component\Mailer\Exception\TransportException;
use Tests\TestCase;

/** Letters to clients: drafted from what the plan knows, sent by a press, kept. Made-up people throughout. */
final class LettersTest extends TestCase
{
    private Build $build;

    protected function setUp(): void
    {
        parent::setUp();
        $this->openShop();
        $this->actingAs($this->manager);
        $this->build = $this->build();
        DB::table('clients')->update(['email' => 'clara@example.org']);
    }

    private function body(string $kind): string
    {
        return (string) $this->get("/builds/1/letters?kind={$kind}")->assertOk()->inertiaProps('body');
    }

    public function test_each_is_drafted_from_what_the_plan_knows(): void
    {
        $confirmation = $this->body('confirmation');
        $this->assertStringStartsWith('Clara Fennimore,', $confirmation);
        $this->assertStringContainsString('The price is 5,000.00 EUR', $confirmation);
        $this->assertStringContainsString('ready in the shop on Fri 31 Jul 2026', $confirmation);
        $waits = Operation::query()->where('build_id', $this->build->id)->orderByDesc('position')->firstOrFail();
        $this->assertStringContainsString('ask first', $this->body('decision'));
        $this->post('/builds/1/decisions', ['question' => 'Pickup covers: open or closed?', 'options' => 'open, closed', 'operation' => $waits->id, 'last_day' => '2026-04-20']);
        $this->assertStringContainsString('Pickup covers: open or closed? (open or closed) Please by Mon 20 Apr 2026', $this->body('decision'));
        $this->post('/builds/1/client/page');
        $this->assertStringContainsString('/c/', $this->body('decision'));
        $this->assertSame('How to care for your instrument', $this->get('/builds/1/letters?kind=care')->inertiaProps('subject'));
        $this->assertGreaterThan(400, mb_strlen($this->body('care')));
        $this->assertStringContainsString('is ready, strung up', $this->body('ready'));
        $this->assertSame($this->body('confirmation'), $this->body('nonsense'));
    }

    public function test_a_delay_names_its_cause_in_words_fit_for_a_client(): void
    {
        $this->assertStringContainsString('still ready in time', $this->body('delay'));
        $this->build->update(['promised_on' => '2026-03-20']);
        $this->assertStringContainsString('By now we expect it on', $this->body('delay'));
        $this->assertStringContainsString('the work before yours took longer', $this->body('delay'));
        $this->post('/operations/'.Operation::query()->where('build_id', $this->build->id)->firstOrFail()->id.'/wrong', ['text' => 'the neck split', 'mishap' => 'split']);
        KitLine::query()->where('build_id', $this->build->id)->where('group', 'bridge')->limit(1)->update(['state' => 'ordered', 'ordered_on' => '2026-03-01', 'expected_on' => '2026-03-10']);
        $this->assertStringContainsString('the bridge, should have come on Tue 10 Mar', $this->body('delay'));
        // Nothing of the house is told: no maker, no hours.
        TimeEntry::query()->create(['operation_id' => Operation::query()->firstOrFail()->id, 'person_id' => $this->maker->id, 'worked_on' => '2026-03-17', 'minutes' => 90, 'rate_minor' => 3_000, 'source' => 'clock']);
        foreach (['confirmation', 'decision', 'delay', 'ready', 'care'] as $kind) {
            $this->assertStringNotContainsString($this->maker->name, $this->body($kind));
            $this->assertDoesNotMatchRegularExpression('/\d+ (h|min)\b/', $this->body($kind), $kind);
        }
    }

    public function test_nobody_is_written_to_without_a_press_and_what_was_sent_is_kept(): void
    {
        Mail::fake();
        $this->body('delay');
        $this->assertSame(0, Letter::query()->count());
        $said = ['kind' => 'delay', 'to' => 'clara@example.org', 'subject' => 'Later', 'body' => "Two\nlines"];
        foreach ([['to' => ''], ['to' => 'nobody'], ['subject' => ''], ['body' => ''], ['kind' => 'love']] as $wrong) {
            $this->post('/builds/1/letters', [...$said, ...$wrong])->assertSessionHasErrors(array_key_first($wrong));
        }
        $this->assertSame(0, Letter::query()->count());
        $this->post('/builds/1/letters', $said)->assertSessionHasNoErrors();
        $letter = Letter::query()->sole();
        $this->assertSame(['clara@example.org', 'Later', "Two\nlines\n"], [$letter->mailed_to, $letter->subject, $letter->body]);
        $this->get('/builds/1/letters')->assertInertia(fn (AssertableInertia $page) => $page->has('sent', 1)->where('sent.0.subject', 'Later')->etc());
        $this->actingAs($this->maker)->get('/builds/1/letters')->assertForbidden();
        $this->post('/builds/1/letters', $said)->assertForbidden();
    }

    public function test_what_the_mail_server_does_not_take_is_not_kept_as_sent(): void
    {
        Mail::shouldReceive('raw')->andThrow(new TransportException('down'));
        $this->post('/builds/1/letters', ['kind' => 'delay', 'to' => 'clara@example.org', 'subject' => 'Later', 'body' => 'x'])->assertSessionHasErrors('body');
        $this->assertSame(0, Letter::query()->count());
    }

    public function test_stock_has_nobody_to_write_to(): void
    {
        $this->build->update(['client_id' => null]);
        $this->get('/builds/1/letters')->assertNotFound();
        $this->post('/builds/1/letters', ['kind' => 'delay', 'to' => 'clara@example.org', 'subject' => 'Later', 'body' => 'x'])->assertSessionHasErrors('conflict');
    }
}
