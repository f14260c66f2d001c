<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\Jigs\KeepBit;
use App\Actions\Jigs\KeepTemplate;
use App\Actions\Jigs\MakeTemplate;
use App\Models\Build\Build;
use App\Models\Jigs\Bit;
use App\Models\Jigs\Template;
use App\Models\People\Person;
use Carbon\CarbonImmutable;
use Closure;
use Regimen\Jigs\TemplateShape;

/** Templates of the invented shop: one is damaged since its last check, one was never checked. */
final readonly class DemoTemplates
{
    private const MADE = [
        [TemplateShape::Body, 'river body', 'birch ply, 12 mm', 'rack 1', true], [TemplateShape::Fretboard, 'board, 25 1/2 in', 'acrylic, 6 mm', 'rack 1', true],
        [TemplateShape::Headstock, 'six in line', 'birch ply, 9 mm', 'rack 2', false],
    ];

    /** @param  Closure(CarbonImmutable): void  $moveTo */
    public function __construct(private Person $maker, private Closure $moveTo)
    {
    }

    public function run(CarbonImmutable $now): void
    {
        ($this->moveTo)($now->subDays(40));
        app(KeepBit::class)->takeIn($this->maker, '12 mm flush trim', 60);
        $bit = Bit::query()->sole();
        $builds = Build::query()->open()->with('specification')->orderBy('number')->get();
        $first = $builds->where('title', DemoBuilds::TIGHT)->firstOrFail();
        foreach (self::MADE as [$shape, $name, $of, $place, $isChecked]) {
            ($this->moveTo)($now->subDays(40));
            $template = app(MakeTemplate::class)->after($this->maker, $first, $shape, $name, $of, $place, $shape === TemplateShape::Body ? $bit : null);
            if ($isChecked) {
                app(KeepTemplate::class)->check($this->maker, $template, 1, true, 'on a poplar offcut');
                ($this->moveTo)($now->subDays(12));
                app(KeepTemplate::class)->used($this->maker, $template->refresh(), $template->version, $first);
            }
        }
        ($this->moveTo)($now->subDays(2));
        $body = Template::query()->where('shape', TemplateShape::Body->value)->firstOrFail();
        app(KeepTemplate::class)->damage($this->maker, $body, $body->version, 'dipped at the waist, bass side');
        app(MakeTemplate::class)->once($this->maker, $builds->last(), 'caul for the bent top', 'on the bench');
        ($this->moveTo)($now);
    }
}
