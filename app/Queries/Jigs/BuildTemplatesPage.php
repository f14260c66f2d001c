<?php

declare(strict_types=1);

namespace App\Queries\Jigs;

use App\Models\Build\Build;
use App\Models\Build\BuildStatus;
use App\Models\Build\Operation;
use App\Models\Jigs\Template;
use App\Models\Jigs\TemplateState;
use App\Pages\Jigs\BuildTemplateRow;
use App\Pages\Jigs\BuildTemplatesProps;
use Illuminate\Support\Collection;
use Regimen\Jigs\TemplateFit;
use Regimen\Jigs\TemplateShape;
use Regimen\Route\Operations\PreparationOperation;
use Regimen\Units\Duration;

/** What a build is cut along: which templates there are, which fit, which have to be made. */
final readonly class BuildTemplatesPage
{
    public function data(Build $build): BuildTemplatesProps
    {
        $build->load('specification');
        $operations = Operation::query()->where('build_id', $build->id)->orderBy('position')->get(['id', 'key', 'name', 'labour_minutes', 'state']);
        $templates = Template::query()->whereNotNull('shape')->where('state', '!=', TemplateState::Retired->value)->orderByDesc('id')->get();
        $rows = array_map(static fn (TemplateShape $shape): BuildTemplateRow => self::row($shape, $build, $templates, $operations), TemplateShape::cases());
        $lacking = count(array_filter($rows, static fn (BuildTemplateRow $one): bool => ! $one->fits));
        $making = $operations->firstWhere('key', PreparationOperation::MakeTemplates->value);

        return new BuildTemplatesProps(
            number: $build->number, title: $build->title,
            headline: match (true) {
                $lacking === 0 => 'Every template that it needs is there',
                $lacking === count($rows) => 'No template fits it yet',
                default => $lacking === 1 ? 'One template is still to be made' : "{$lacking} templates are still to be made",
            },
            rows: $rows,
            making: match (true) {
                $making === null => 'Nothing is counted on its route for making templates.',
                $making->state->labourIsDone() => "“{$making->name}” is done.",
                $lacking === 0 => 'Its route still counts '.Duration::ofMinutes($making->labour_minutes)." for “{$making->name}”: take that off on the route, or leave it for checking them.",
                default => 'Its route counts '.Duration::ofMinutes($making->labour_minutes)." for “{$making->name}”.",
            },
            open: $build->status === BuildStatus::Open,
        );
    }

    /**
     * @param  Collection<int, Template>  $templates  the newest first
     * @param  Collection<int, Operation>  $operations
     */
    private static function row(TemplateShape $shape, Build $build, Collection $templates, Collection $operations): BuildTemplateRow
    {
        $names = array_values($operations->whereIn('key', $shape->operations())->pluck('name')->map(static fn (mixed $name): string => (string) $name)->all());
        $best = null;
        foreach ($templates->filter(static fn (Template $one): bool => $one->shape === $shape) as $template) {
            $fit = TemplateWords::fit($template, $build);
            if ($fit !== null && ($best === null || self::rank($template, $fit) < self::rank(...$best))) {
                $best = [$template, $fit];
            }
        }
        if ($best === null) {
            return new BuildTemplateRow($shape->value, $shape->words(), false, 'None is in the shop: it has to be made.', null, $names);
        }
        [$template, $fit] = $best;
        $isDamaged = $template->state === TemplateState::Damaged;

        return new BuildTemplateRow($shape->value, $shape->words(), $fit->fits && ! $isDamaged, "Template {$template->id}, {$template->name}".($template->place === '' ? '' : ", {$template->place}").'. '.($isDamaged ? "It is damaged: {$template->damage}. " : '').$fit->words, $template->id, $names);
    }

    /** @return array{bool, bool, float} what comes first: fitting and whole, then the nearest */
    private static function rank(Template $template, TemplateFit $fit): array
    {
        return [! $fit->fits, $template->state === TemplateState::Damaged, $fit->most ?? INF];
    }
}
