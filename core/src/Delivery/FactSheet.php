<?php

declare(strict_types=1);

namespace Regimen\Delivery;

use Regimen\Instrument\Body\Layer;
use Regimen\Instrument\Reading\FieldWords;
use Regimen\Instrument\Reading\ReadSpecification;
use Regimen\Instrument\Reading\SpecificationFields;
use Regimen\Units\Words;

/** What is told of a finished instrument (TRADE section 10): as it was measured, and where nobody has, as it was drawn. */
final class FactSheet
{
    private const FIELDS = [
        'Scale, frets and wire' => ['scale', 'scaleTreble', 'squareFret', 'frets', 'zeroFret', 'radius', 'radiusEnd', 'crownWidth', 'crownHeight', 'markers'],
        'Neck' => ['joint', 'profile', 'nutWidth', 'thicknessFirst', 'thicknessTwelfth', 'heelWidth', 'heelThickness', 'rodAccess', 'headAngle'],
        'Box' => ['boxDepthTail', 'boxDepthNeck', 'backThickness', 'sideThickness', 'bracing', 'linings', 'rosette'],
        'Pickups and electronics' => ['pots', 'capacitors', 'switching', 'battery'],
        'Hardware' => ['headstock', 'tuners', 'tunerLayout', 'tunerHole', 'bridge', 'stringPath'],
        'Strings and set-up as delivered' => ['stringMaterial', 'gauges', 'tuning', 'relief', 'actionTreble', 'actionBass', 'nutAction'],
        'Finish' => ['finish', 'colour', 'neckFinish', 'boardFinish'],
    ];

    /**
     * @param  ReadSpecification  $made  with what was measured in the place of what was drawn
     * @param  list<string>  $measured  the fields that somebody has measured; `pickups.0.resistance` inside a row
     * @return list<FactGroup> with at least one line each
     */
    public static function of(ReadSpecification $made, array $measured): array
    {
        $groups = [self::timbers($made)];
        foreach (self::FIELDS as $name => $fields) {
            $facts = $name === 'Pickups and electronics' ? self::pickups($made, $measured) : [];
            foreach ($fields as $key) {
                $field = SpecificationFields::all()[$key] ?? null;
                $words = $field === null || isset($made->idle[$key]) ? '' : FieldWords::of($field, $made->values[$key] ?? null);
                if ($field !== null && $words !== '' && $words !== 'no') {
                    $other = FieldWords::other($field, $made->values[$key] ?? null);
                    $facts[] = new Fact($field->label, $words.($other === '' ? '' : " ({$other})"), self::known($key, $measured), $key);
                }
            }
            $groups[] = new FactGroup($name, $facts);
        }

        return array_values(array_filter($groups, static fn (FactGroup $group): bool => $group->facts !== []));
    }

    private static function timbers(ReadSpecification $made): FactGroup
    {
        $s = $made->orFail();
        $body = $s->isBox()
            ? [
                new Fact('Top', "{$s->bodywork->layers[0]->timber->name}, ".Words::number($s->bodywork->layers[0]->thickness->mm).' mm', Fact::DRAWN), new Fact('Back', $s->box->backTimber->name, Fact::DRAWN),
                new Fact('Sides', $s->box->sideTimber->name, Fact::DRAWN), new Fact('Braces', $s->box->braceTimber->name, Fact::DRAWN),
            ]
            : array_map(static fn (Layer $layer): Fact => new Fact('Body', "{$layer->timber->name}, ".Words::number($layer->thickness->mm).' mm', Fact::DRAWN), $s->bodywork->layers);

        return new FactGroup('Timbers', [
            ...$body, new Fact('Neck', $s->neck->neckTimber->name.($s->neck->laminations > 1 ? ", {$s->neck->laminations} laminations" : ''), Fact::DRAWN),
            new Fact('Fretboard', $s->board->boardTimber->name, Fact::DRAWN),
        ]);
    }

    /**
     * @param  list<string>  $measured
     * @return list<Fact>
     */
    private static function pickups(ReadSpecification $made, array $measured): array
    {
        $field = SpecificationFields::all()['pickups']->columns;
        $facts = [];
        foreach ($made->orFail()->electrics->pickups as $index => $pickup) {
            $resistance = '';
            foreach ($field as $column) {
                $resistance = $column->key === 'resistance' ? FieldWords::of($column, $pickup->resistance) : $resistance;
            }
            $facts[] = new Fact(
                'Pickup, '.$pickup->place, $pickup->kind->words().($resistance === '' ? '' : ", {$resistance}"),
                in_array("pickups.{$index}.resistance", $measured, true) ? Fact::MEASURED : Fact::DRAWN,
            );
        }

        return $facts;
    }

    /** @param  list<string>  $measured */
    private static function known(string $key, array $measured): string
    {
        return in_array($key, $measured, true) ? Fact::MEASURED : Fact::DRAWN;
    }
}
