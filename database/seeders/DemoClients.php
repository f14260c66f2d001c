<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\Clients\GiveClientPage;
use App\Actions\Clients\GiveQuote;
use App\Actions\Clients\KeepClient;
use App\Actions\Clients\KeepEnquiry;
use App\Actions\Clients\Offer;
use App\Actions\Clients\OrderChange;
use App\Actions\Specification\SaveSpecification;
use App\Actions\Specification\StartRevision;
use App\Models\Build\Build;
use App\Models\Client\Client;
use App\Models\Client\Enquiry;
use App\Models\Client\Quote;
use App\Models\Client\Sketch;
use App\Models\House\Shop;
use App\Models\People\Person;
use App\Planning\Clients\ChangeReckoning;
use App\Queries\Clients\QuoteSuggestion;
use Carbon\CarbonImmutable;
use Closure;
use Regimen\Units\Money;

/** Three invented people who would like an instrument, with sketches and two open quotes; what is known of some others. */
final readonly class DemoClients
{
    private const KNOWN = [
        'Abel Quayle' => ['phone' => '555 0114', 'address' => "Tanner’s Row 6\n1120 Millbridge", 'hand' => 'right', 'scale' => '25 1/2 in', 'neck' => 'medium, no shoulder', 'action' => 'low, he slides', 'weight' => 'under 3.4 kg', 'instruments' => 'a worn ten-string lap instrument'],
        'Lucia Marchetto' => ['phone' => '555 0171', 'hand' => 'right', 'neck' => 'thin behind the nut', 'action' => '1.6 mm at the twelfth fret'],
    ];

    private const NEW = [
        'Bodil Rask' => ['email' => 'bodil@example.org', 'phone' => '555 0190', 'address' => "Fjordgate 3\n0550 Nordvik", 'hand' => 'left', 'scale' => '24 3/4 in or shorter', 'neck' => 'slim', 'action' => 'low', 'weight' => 'as light as can be', 'instruments' => ''],
        'Cleo Wicken' => ['email' => 'cleo@example.org', 'phone' => '555 0133', 'address' => "The Old Pump House\n2210 Sedge", 'hand' => 'right', 'scale' => '', 'neck' => '', 'action' => '', 'weight' => '', 'instruments' => 'a five-string bass with a cracked headstock'],
        'Emil Hartwig' => ['email' => 'emil@example.org', 'phone' => '', 'address' => '', 'hand' => '', 'scale' => '', 'neck' => '', 'action' => '', 'weight' => '', 'instruments' => ''],
    ];

    private const CHANGED_MIND = 'Hallam';

    private const WORDS = "Thank you for asking us.\n\n- The deposit reserves your place and pays for the timber.\n- We send you a drawing before anything is cut; after that every change has its price in hours, parts and days.\n- The date is the day on which it is ready in the shop.";

    /** @param  Closure(CarbonImmutable): void  $moveTo */
    public function __construct(private Person $manager, private Closure $moveTo)
    {
    }

    public function run(CarbonImmutable $now): void
    {
        Shop::current()->update(['quote_words' => self::WORDS, 'tax_permille' => 190]);
        foreach (self::KNOWN as $name => $known) {
            $this->keep(Client::query()->where('name', $name)->firstOrFail(), $known);
        }
        $clients = [];
        foreach (self::NEW as $name => $known) {
            $clients[] = app(KeepClient::class)($this->manager, null, 0, ['name' => $name, 'contact' => '', ...$known]);
        }
        [$bodil, $cleo, $emil] = $clients;
        ($this->moveTo)($now->subDays(12));
        $this->ask($emil, 'Something that nobody else has, for a studio wall and for playing. Perhaps with a carved top. Money is not the question, time is.', null, $now->addMonths(7));
        ($this->moveTo)($now->subDays(9));
        app(KeepClient::class)->talked($this->manager, $bodil, 'Showed her the walnut. She holds it like a violin, wants the controls out of the way of the right hand.');
        $asked = $this->ask($bodil, 'Dark, airy, quick under the hand. I play left-handed and mostly with the fingers. It should weigh nothing.', 4_900_00, $now->addMonths(6));
        $fine = $this->sketch($asked, 'As she wished it', ['hand' => 'left', 'body' => 'chambered', 'outline' => 'leaf', 'joint' => 'set', 'scale' => '24 3/4"', 'neckTimber' => 'true mahogany', 'finish' => 'nitrocellulose', 'layers' => [['timber' => 'bigleaf maple', 'thickness' => '1/4"'], ['timber' => 'black walnut', 'thickness' => '38']]]);
        $this->sketch($asked, 'Within the budget', ['hand' => 'left', 'joint' => 'bolt-on', 'scale' => '24 3/4"', 'finish' => 'wiping-oil', 'layers' => [['timber' => 'red alder', 'thickness' => '44']]]);
        ($this->moveTo)($now->subDays(3));
        app(KeepClient::class)->talked($this->manager, $cleo, 'Brought the old bass along. Wants the same neck, only whole.');
        $bass = $this->sketch($this->ask($cleo, 'A five-string bass for a small stage, with the neck of my old one. No battery.', null, $now->addMonths(5)), 'Like the old one', ['type' => 'bass', 'strings' => '5', 'scale' => '34"', 'nutWidth' => '46', 'frets' => '21', 'finish' => 'hard-wax-oil', 'layers' => [['timber' => 'white ash', 'thickness' => '42']]]);
        ($this->moveTo)($now->subDay());
        $this->quote($fine, $now->addDays(24));
        $this->quote($bass, $now->addDays(5));
        ($this->moveTo)($now);
        $this->underWay($this->build(self::CHANGED_MIND), $this->build(DemoBuilds::WAITS_FOR_CLIENT), $this->build(DemoBuilds::TIGHT));
    }

    /** Some clients see how far their instruments are; one of them has changed his mind since he approved it. */
    private function underWay(Build $changing, Build ...$others): void
    {
        foreach ([$changing, ...$others] as $build) {
            app(GiveClientPage::class)->give($this->manager, $build);
        }
        app(OrderChange::class)->approve($this->manager, $changing, (int) $changing->specification()->first()?->number, (string) $changing->client?->name, 'by mail');
        $draft = app(StartRevision::class)($this->manager, $changing);
        app(SaveSpecification::class)($this->manager, $changing, $draft->version, [...$draft->client, 'bodyBinding' => '1.5', 'boardBinding' => '1.5']);
        $reckoned = app(ChangeReckoning::class)->of($changing->refresh(), $draft->refresh());
        $moved = $reckoned->after !== null && $reckoned->before !== null && $reckoned->after > $reckoned->before ? $reckoned->after : null;
        app(OrderChange::class)->offer(
            $this->manager, $changing->refresh(), $draft->refresh()->version, 'A binding around body and fretboard after all', Money::ofMinor((int) ceil(max(0, $reckoned->price->minor) / 1_000) * 1_000, 'EUR'), $moved === null ? null : max($moved, (string) $changing->promised_on),
        );
    }

    private function build(string $title): Build
    {
        return Build::query()->with('client')->where('title', $title)->sole();
    }

    /** @param  array<string, string>  $known */
    private function keep(Client $client, array $known): void
    {
        app(KeepClient::class)($this->manager, $client, $client->version, ['name' => $client->name, 'contact' => (string) $client->contact, 'email' => (string) $client->email, ...$known]);
    }

    private function ask(Client $client, string $wishes, ?int $budget, CarbonImmutable $by): Enquiry
    {
        return app(KeepEnquiry::class)->ask($this->manager, $client, $wishes, $budget === null ? null : Money::ofMinor($budget, 'EUR'), $by->toDateString());
    }

    /** @param  array<string, mixed>  $typed */
    private function sketch(Enquiry $enquiry, string $name, array $typed): Sketch
    {
        return app(KeepEnquiry::class)->sketch($enquiry, null, 0, $name, null, $typed);
    }

    private function quote(Sketch $sketch, CarbonImmutable $until): Quote
    {
        $said = app(QuoteSuggestion::class)->data($sketch)->said;

        return app(GiveQuote::class)->give($this->manager, $sketch, $sketch->version, new Offer(
            $said['what'], Money::parse($said['price'], 'EUR'), 190, Money::parse($said['deposit'], 'EUR'), $said['promised_on'], min($until->toDateString(), $said['promised_on']), self::WORDS,
            'The drawing is approved two weeks after it is accepted.',
        ), app(QuoteSuggestion::class)->chance($sketch, $said['promised_on']), null);
    }
}
