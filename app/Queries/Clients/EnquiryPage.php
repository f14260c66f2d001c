<?php

declare(strict_types=1);

namespace App\Queries\Clients;

use App\Models\Bench\Photograph;
use App\Models\Client\Client;
use App\Models\Client\Enquiry;
use App\Models\Client\Quote;
use App\Models\Client\QuoteState;
use App\Models\Client\Sketch;
use App\Pages\Build\ChanceOfDay;
use App\Pages\Enquiries\CheaperLine;
use App\Pages\Enquiries\EnquiryProps;
use App\Pages\Enquiries\PictureLine;
use App\Pages\Enquiries\QuoteLine;
use App\Pages\Enquiries\SketchDates;
use App\Pages\Enquiries\SketchLine;
use App\Pages\Later;
use App\Planning\Clients\Cheaper;
use App\Planning\Clients\CheaperWay;
use App\Planning\Clients\Reckoned;
use App\Planning\Clients\Reckoning;
use App\Planning\House\House;
use App\Queries\Specification\Drawings;
use App\Support\Minutes;
use App\Support\Say;

/** One enquiry: what was said, its sketches side by side, its quotes. */
final readonly class EnquiryPage
{
    public function __construct(private Reckoning $reckoning, private Cheaper $cheaper, private House $house)
    {
    }

    public function data(Enquiry $enquiry): EnquiryProps
    {
        $enquiry->load(['client', 'sketches', 'quotes']);
        $reckoned = [];
        foreach ($enquiry->sketches as $sketch) {
            $reckoned[$sketch->id] = $this->reckoning->of($sketch->typed, $sketch->model_id);
        }

        return new EnquiryProps(
            id: $enquiry->id, version: $enquiry->version, headline: "{$enquiry->client->name} would like an instrument", clientId: $enquiry->client_id, client: $enquiry->client->name, likes: self::likes($enquiry->client),
            at: $enquiry->at->toIso8601ZuluString(), wishes: $enquiry->wishes, budget: $enquiry->budget_minor === null ? '' : $this->house->money($enquiry->budget_minor)->plain(), wantedBy: (string) $enquiry->wanted_by,
            closed: $enquiry->closed_at === null ? null : $enquiry->closed_because, currency: $this->house->shop()->currency,
            sketches: array_values($enquiry->sketches->map(fn (Sketch $one): SketchLine => $this->line($one, $reckoned[$one->id], $enquiry->budget_minor))->all()),
            dates: new Later(fn (): array => array_map(fn (int $sketch, Reckoned|string $one): SketchDates => $this->dates($enquiry, $sketch, $one), array_keys($reckoned), $reckoned)),
            pictures: array_values(Photograph::query()->where('enquiry_id', $enquiry->id)->orderBy('id')->get()->map(static fn (Photograph $one): PictureLine => new PictureLine($one->id, $one->width, $one->height, $one->caption))->all()),
            quotes: array_values($enquiry->quotes->map(fn (Quote $one): QuoteLine => new QuoteLine(
                $one->id, $one->name(), $one->what, (string) $this->house->money($one->price_minor), match ($one->state) {
                    QuoteState::Open => 'open until '.Say::day($one->valid_until), QuoteState::Accepted => "accepted by {$one->accepted_by}", QuoteState::Replaced => 'replaced by the next edition', QuoteState::Withdrawn => 'withdrawn',
                }, $one->state === QuoteState::Open,
            ))->all()),
        );
    }

    /** @return array{budget: string, ways: list<CheaperLine>} what would bring a sketch under the budget, the best first */
    public function cheaper(Sketch $sketch): array
    {
        $budget = $sketch->enquiry->budget_minor;
        $ways = $this->cheaper->than($sketch->typed, $sketch->model_id);

        return ['budget' => $budget === null ? '' : (string) $this->house->money($budget), 'ways' => array_map(fn (CheaperWay $one): CheaperLine => new CheaperLine(
            $one->field, $one->from === '' ? 'nothing' : $one->from, $one->to, $one->saves->plain(), $one->price->plain(), self::takes($one), $budget !== null && $one->price->minor <= $budget,
        ), $ways)];
    }

    private static function takes(CheaperWay $one): string
    {
        return implode(', ', array_filter([
            $one->minutes === 0 ? '' : Say::duration(abs($one->minutes)).($one->minutes > 0 ? ' less work' : ' more work'),
            abs($one->grams) < 20 ? '' : Say::figure(abs($one->grams) / 1_000, 2).' kg '.($one->grams > 0 ? 'heavier' : 'lighter'),
        ]));
    }

    private function line(Sketch $sketch, Reckoned|string $one, ?int $budget): SketchLine
    {
        if (is_string($one)) {
            return new SketchLine($sketch->id, $sketch->version, $sketch->name, '', null, $one, '', '', '', '', '', false);
        }
        $over = $budget === null ? 0 : $one->price->minor - $budget;

        return new SketchLine(
            $sketch->id, $sketch->version, $sketch->name, $one->draft->specification->inOneLine(), Drawings::of($one->read), '', Say::figure($one->draft->route->work()->hours(), 1).' h', $one->draft->quote->material->plain(),
            $one->price->plain(), Say::figure($one->grams / 1_000, 2).' kg',
            $budget === null ? '' : ($over > 0 ? $this->house->money($over)->plain().' over the budget' : ($over === 0 ? 'just the budget' : $this->house->money(-$over)->plain().' within the budget')), $over > 0,
        );
    }

    private function dates(Enquiry $enquiry, int $sketch, Reckoned|string $one): SketchDates
    {
        $wanted = $enquiry->wanted_by;
        $chances = is_string($one) ? null : $this->reckoning->chances($one, $enquiry->id);
        if ($chances === null) {
            return new SketchDates($sketch, null, [], null);
        }
        $zone = $this->house->zone();
        $day = static fn (float $share): ?string => ($instant = $chances->by($share)) === null ? null : Minutes::toInstant($instant)->setTimezone($zone)->toDateString();
        $days = [];
        foreach ([50, 80, 95] as $percent) {
            $on = $day($percent / 100);
            $on === null || $days[] = new ChanceOfDay($on, $percent);
        }

        return new SketchDates($sketch, $day($this->house->shop()->promise_chance / 1_000), $days, $wanted === null ? null : (int) round(100 * $chances->chance(Minutes::endOfDay($wanted, $zone))));
    }

    /** What is known of their likes, in a line. */
    private static function likes(Client $client): string
    {
        return implode('; ', array_filter([
            $client->hand === '' ? '' : "{$client->hand}-handed", $client->scale === '' ? '' : "scale {$client->scale}", $client->neck === '' ? '' : "neck {$client->neck}",
            $client->action === '' ? '' : "action {$client->action}", $client->weight === '' ? '' : "weight {$client->weight}", $client->instruments === '' ? '' : "has {$client->instruments}",
        ]));
    }
}
