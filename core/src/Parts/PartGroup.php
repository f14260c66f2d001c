<?php

declare(strict_types=1);

namespace Regimen\Parts;

use Regimen\Instrument\Specification;

/** What stands in a kit, by what operations ask for: the timber of each piece, bought parts and supplies. */
enum PartGroup: string
{
    case NeckTimber = 'neck-timber';
    case FretboardTimber = 'fretboard-timber';
    case BodyTimber = 'body-timber';
    case TrussRod = 'truss-rod';
    case Tuners = 'tuners';
    case Bridge = 'bridge';
    case Nut = 'nut';
    case StrapButtons = 'strap-buttons';
    case NeckScrews = 'neck-screws';
    case Pickups = 'pickups';
    case Electronics = 'electronics';
    case StiffeningRods = 'stiffening-rods';
    case Binding = 'binding';
    case FretWire = 'fret-wire';
    case Finish = 'finish';
    case Strings = 'strings';
    case Consumables = 'consumables';

    /** @return list<self> the blanks that a build is cut from */
    public static function timber(): array
    {
        return [self::NeckTimber, self::FretboardTimber, self::BodyTimber];
    }

    /** Whether it cannot be taken off again and used elsewhere: cut, glued in or hammered in (common practice). */
    public function isForGood(): bool
    {
        return in_array($this, [...self::timber(), self::TrussRod, self::StiffeningRods, self::Binding, self::FretWire], true);
    }

    /** As the operation that selects or measures it names it. */
    public function words(): string
    {
        return match ($this) {
            self::NeckTimber => 'timber for the neck',
            self::FretboardTimber => 'timber for the fretboard',
            self::BodyTimber => 'timber for the body',
            self::TrussRod => 'the truss rod',
            self::Electronics => 'pots, switch and jack',
            self::Binding, self::Finish, self::Consumables => $this->value,
            default => 'the '.str_replace('-', ' ', $this->value),
        };
    }

    /**
     * What can be measured on it, held against the specification.
     *
     * @return list<string> fields; `pickups.0.resistance` inside a row
     */
    public function measured(Specification $s): array
    {
        return match ($this) {
            self::BodyTimber => ['bodyMoisture', ...self::inRows('layers', count($s->bodywork->layers), ['thickness'])],
            self::Tuners => $s->head->headstock->hasPosts() ? $this->figures() : [],
            self::Pickups => self::inRows('pickups', count($s->electrics->pickups), $this->figures()),
            default => $this->figures(),
        };
    }

    /** @return list<string> what can be measured on one that is for no instrument yet; of a pickup, the columns of its row */
    public function figures(): array
    {
        return match ($this) {
            self::NeckTimber => ['neckMoisture'],
            self::FretboardTimber => ['boardMoisture', 'boardThickness'],
            self::BodyTimber => ['bodyMoisture'],
            self::TrussRod => ['rodLength', 'rodDepth', 'rodWidth'],
            self::Tuners => ['tunerHole', 'tunerWidth', 'tunerLeast', 'tunerMost', 'postHeight', 'tunerMass'],
            self::Bridge => ['bridgeLeast', 'bridgeMost', 'saddleTravel', 'bridgeSpread', 'mountingSpan', 'bridgeMass'],
            self::Nut => ['nutWidth'],
            self::NeckScrews => ['screwLength', 'plateThickness'],
            self::Pickups => ['resistance', 'spread', 'depth'],
            self::Electronics => ['potThread', 'potNut', 'jackThread', 'pots', 'capacitors'],
            self::Binding => ['boardBinding', 'bodyBinding'],
            self::FretWire => ['crownWidth', 'crownHeight', 'tangDepth'],
            self::Strings => ['unitMasses'],
            self::StrapButtons, self::StiffeningRods, self::Finish, self::Consumables => [],
        };
    }

    /** The field of the specification that a figure is in; of a pickup, of the first. */
    public function path(string $figure): string
    {
        return $this === self::Pickups ? "pickups.0.{$figure}" : $figure;
    }

    /**
     * @param  list<string>  $columns
     * @return list<string>
     */
    private static function inRows(string $rows, int $count, array $columns): array
    {
        $fields = [];
        for ($index = 0; $index < $count; $index++) {
            foreach ($columns as $column) {
                $fields[] = "{$rows}.{$index}.{$column}";
            }
        }

        return $fields;
    }
}
