<?php

declare(strict_types=1);

namespace App\Queries\Jigs;

use App\Models\Build\Build;
use App\Models\Jigs\Bit;
use App\Models\Jigs\Template;
use App\Models\Jigs\TemplateCheck;
use App\Models\Jigs\TemplateState;
use App\Pages\Shop\Option;
use App\Planning\House\House;
use App\Planning\Specification\Revisions;
use App\Support\Kept;
use App\Support\Say;
use Carbon\CarbonImmutable;
use Regimen\Figures\Workings;
use Regimen\Jigs\TemplateFit;

/** How templates are spoken of, and which serve which build. */
final readonly class TemplateWords
{
    public function __construct(private House $house)
    {
    }

    public function day(CarbonImmutable $at): string
    {
        return Say::day($at->setTimezone($this->house->zone())->toDateString());
    }

    public function standing(Template $template, ?TemplateCheck $last): string
    {
        return match (true) {
            $template->state === TemplateState::Retired => 'not used any more',
            $template->state === TemplateState::Damaged => "damaged: {$template->damage}",
            $template->shape === null => 'for a single use',
            $last === null => 'never checked on scrap',
            default => "good, checked on scrap {$this->day($last->at)} by {$last->person->name}",
        };
    }

    public static function what(Template $template): string
    {
        $hand = $template->workings()?->specification->brief->hand->value;

        return $template->shape === null ? 'single use' : $template->shape->words().($hand === null ? '' : ", {$hand} hand");
    }

    /** Between a template and a build as it is specified now; null where either cannot be drawn. */
    public static function fit(Template $template, Build $build): ?TemplateFit
    {
        $revision = $build->specification;
        if ($template->shape === null) {
            return null;
        }
        $text = "{$template->shape->value} ".json_encode([$template->client, $template->house]).$revision->text();

        return Kept::of('template', $text, static function () use ($template, $revision): ?TemplateFit {
            $made = $template->workings();
            $read = Revisions::read($revision);

            return $made === null || $read->specification === null ? null : TemplateFit::of($template->shape, $made, Workings::from($read));
        });
    }

    /** @return list<Option> */
    public static function bits(): array
    {
        return array_values(Bit::query()->orderBy('name')->get()->map(static fn (Bit $one): Option => new Option((string) $one->id, $one->name))->all());
    }

    /** @return list<Option> in the making */
    public static function builds(): array
    {
        return array_values(Build::query()->open()->orderBy('number')->get(['id', 'number', 'title'])->map(static fn (Build $one): Option => new Option((string) $one->number, "{$one->number} {$one->title}"))->all());
    }
}
