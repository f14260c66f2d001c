<?php

declare(strict_types=1);

namespace App\Queries\Jigs;

use App\Models\Jigs\Bit;
use App\Models\Jigs\Template;
use App\Models\Jigs\TemplateCheck;
use App\Models\Jigs\TemplateState;
use App\Pages\Jigs\BitLine;
use App\Pages\Jigs\TemplateLine;
use App\Pages\Jigs\TemplatesProps;
use App\Pages\Shop\Option;
use App\Support\Say;
use Regimen\Jigs\TemplateShape;

/** The templates of the shop, and its bits. */
final readonly class TemplatesPage
{
    /** So many are shown; a shop with more looks for the number that is written on them. */
    private const MOST = 200;

    public function __construct(private TemplateWords $words)
    {
    }

    public function data(): TemplatesProps
    {
        $last = TemplateCheck::query()->with('person:id,name')->whereIn('id', TemplateCheck::query()->selectRaw('max(id)')->groupBy('template_id'))->get()->keyBy('template_id');
        $lines = array_values(Template::query()->orderByRaw("state = 'retired'")->orderByDesc('id')->limit(self::MOST)->get()->map(fn (Template $one): TemplateLine => new TemplateLine(
            $one->id, $one->name, TemplateWords::what($one), $this->words->standing($one, $last->get($one->id)), $one->state === TemplateState::Damaged, $one->state === TemplateState::Retired, $one->place,
        ))->all());
        $damaged = count(array_filter($lines, static fn (TemplateLine $one): bool => $one->trouble));
        $there = count(array_filter($lines, static fn (TemplateLine $one): bool => ! $one->retired));

        return new TemplatesProps(
            headline: match (true) {
                $there === 0 => 'No template is kept here yet',
                $damaged > 0 => $damaged === 1 ? 'One template is damaged' : "{$damaged} templates are damaged",
                default => Say::count($there, 'template is', 'templates are').' in the shop',
            },
            templates: $lines,
            bits: array_values(Bit::query()->orderBy('name')->get()->map(static fn (Bit $one): BitLine => new BitLine($one->id, $one->name, $one->wear()->words(), $one->wear()->isDull(), $one->version))->all()),
            builds: TemplateWords::builds(),
            shapes: array_map(static fn (TemplateShape $one): Option => new Option($one->value, $one->words()), TemplateShape::cases()),
        );
    }
}
