<?php

declare(strict_types=1);

namespace App\Queries\Jigs;

use App\Models\Bench\Photograph;
use App\Models\Build\Build;
use App\Models\Jigs\Template;
use App\Models\Jigs\TemplateCheck;
use App\Models\Jigs\TemplateFile;
use App\Models\Jigs\TemplateState;
use App\Models\Jigs\TemplateUse;
use App\Models\People\Person;
use App\Pages\Jigs\FileLine;
use App\Pages\Jigs\ServesLine;
use App\Pages\Jigs\TemplateProps;
use App\Pages\Worked\Drawing;
use App\Planning\Specification\Revisions;
use App\Queries\Specification\Drawings;
use Regimen\Drawing\Shape;
use Regimen\Drawing\View;
use Regimen\Figures\Workings;
use Regimen\Jigs\TemplateFit;
use Regimen\Units\Words;

/** One template: its line, whom it serves, what it was used on. */
final readonly class TemplatePage
{
    private const MOST = 40;

    public function __construct(private TemplateWords $words)
    {
    }

    /** @param  int  $with  the number of a build that it is compared with; 0 for none */
    public function data(Template $template, Person $viewer, int $with): TemplateProps
    {
        $template->load(['build:id,number,title', 'bit', 'person:id,name']);
        $checks = TemplateCheck::query()->with('person:id,name')->where('template_id', $template->id)->orderByDesc('id')->limit(self::MOST)->get();
        $uses = TemplateUse::query()->with(['build:id,number,title', 'person:id,name'])->where('template_id', $template->id)->orderByDesc('id')->limit(self::MOST)->get();
        $good = $checks->first(static fn (TemplateCheck $one): bool => $one->good);
        $isDamaged = $template->state === TemplateState::Damaged;
        $builds = $template->shape === null ? [] : Build::query()->open()->with('specification')->orderBy('number')->get()->all();
        $fits = [];
        $compared = null;
        foreach ($builds as $build) {
            $fit = TemplateWords::fit($template, $build);
            $fit === null || $fits[] = new ServesLine($build->number, $build->title, $fit->fits, $fit->words, $fit->most !== null);
            if ($build->number === $with && $fit !== null) {
                $compared = [$build, $fit];
            }
        }
        $history = [
            ...$checks->map(fn (TemplateCheck $one): array => [$one->at->getTimestamp(), $this->words->day($one->at).': tried on scrap by '.$one->person->name.', '.($one->good ? 'good' : 'not good').($one->words === '' ? '' : ", {$one->words}")])->all(),
            ...$uses->map(fn (TemplateUse $one): array => [$one->at->getTimestamp(), $this->words->day($one->at).": used on No. {$one->build->number} {$one->build->title} by {$one->person->name}"])->all(),
        ];
        usort($history, static fn (array $a, array $b): int => $b[0] <=> $a[0]);

        return new TemplateProps(
            id: $template->id, name: $template->name, headline: "{$template->id} · {$template->name}, ".$this->words->standing($template, $good ?? $checks->first()), trouble: $isDamaged,
            retired: $template->state === TemplateState::Retired, facts: $this->facts($template), drawing: $this->drawing($template, $compared),
            compared: $compared === null ? '' : "With No. {$compared[0]->number} {$compared[0]->title}, dashed. {$compared[1]->words}", fits: $fits,
            since: $isDamaged ? array_values($uses->filter(static fn (TemplateUse $one): bool => $good === null || $one->at > $good->at)->map(static fn (TemplateUse $one): string => "No. {$one->build->number} {$one->build->title}")->unique()->all()) : [],
            history: array_column(array_slice($history, 0, self::MOST), 1),
            files: array_values(TemplateFile::query()->where('template_id', $template->id)->orderBy('id')->get(['id', 'name', 'bytes'])->map(static fn (TemplateFile $one): FileLine => new FileLine($one->id, $one->name, Words::number($one->bytes / 1024, 0).' kB'))->all()),
            photographs: array_values(Photograph::query()->where('template_id', $template->id)->orderBy('id')->pluck('id')->map(static fn (mixed $id): int => (int) $id)->all()),
            bits: TemplateWords::bits(), builds: TemplateWords::builds(), madeOf: $template->made_of, place: $template->place, bit: (string) ($template->bit_id ?? ''), version: $template->version,
        );
    }

    /** @return list<string> */
    private function facts(Template $template): array
    {
        return array_values(array_filter([
            ucfirst(TemplateWords::what($template)),
            $template->build === null ? '' : ($template->revision === null ? "for No. {$template->build->number} {$template->build->title}" : "after No. {$template->build->number} {$template->build->title}, revision {$template->revision}"),
            $template->made_of === '' ? '' : "of {$template->made_of}", $template->place === '' ? '' : "lies {$template->place}", $template->bit === null ? '' : "bit: {$template->bit->name}",
            "made {$this->words->day($template->at)} by {$template->person->name}",
        ]));
    }

    /** @param  array{Build, TemplateFit}|null  $compared */
    private function drawing(Template $template, ?array $compared): ?Drawing
    {
        $made = $template->workings();
        if ($made === null || $template->shape === null) {
            return null;
        }
        $shapes = [Shape::closed($template->shape->line($made)->points, 'outline', 'line', $template->state === TemplateState::Damaged ? 'none' : 'paper')];
        if ($compared !== null && $compared[1]->most !== null) {
            $shapes[] = Shape::closed($template->shape->line(Workings::from(Revisions::read($compared[0]->specification)))->points, '', 'hidden');
            if ($compared[1]->at !== null && ! $compared[1]->fits) {
                $shapes[] = Shape::circle($compared[1]->at, 6.0, '', 'warn');
                $shapes[] = Shape::words($compared[1]->at->moved(0.0, -10.0), Words::mm($compared[1]->most, 2), 13, 'middle', 'warn');
            }
        }

        return Drawings::view(new View('template', $template->name, $shapes), 2, 12.0);
    }
}
