<?php

declare(strict_types=1);

namespace Regimen\Instrument\Reading;

use Regimen\Instrument\Body\Bodywork;
use Regimen\Instrument\Body\Boxwork;
use Regimen\Instrument\Body\Bridgework;
use Regimen\Instrument\Brief\Brief;
use Regimen\Instrument\Electrics\Electrics;
use Regimen\Instrument\Fields\Field;
use Regimen\Instrument\Fields\FieldGroup;
use Regimen\Instrument\Finish\Finishing;
use Regimen\Instrument\Fretboard\Fretboard;
use Regimen\Instrument\Fretboard\Stringing;
use Regimen\Instrument\Neck\Headstock;
use Regimen\Instrument\Neck\Joinery;
use Regimen\Instrument\Neck\Neck;

/** Every value of a specification, in the order in which it is written. */
final class SpecificationFields
{
    /** @return list<FieldGroup> */
    public static function groups(): array
    {
        static $groups = null;

        return $groups ??= [
            new FieldGroup('brief', 'Brief', Brief::fields()),
            new FieldGroup('board', 'Scale and board', Fretboard::fields()),
            new FieldGroup('strings', 'Strings', Stringing::fields()),
            new FieldGroup('neck', 'Neck', Neck::fields()),
            new FieldGroup('head', 'Headstock', Headstock::fields()),
            new FieldGroup('joint', 'Joint', Joinery::fields()),
            new FieldGroup('body', 'Body', Bodywork::fields()),
            new FieldGroup('box', 'Box', Boxwork::fields()),
            new FieldGroup('bridge', 'Bridge', Bridgework::fields()),
            new FieldGroup('electronics', 'Electronics', Electrics::fields()),
            new FieldGroup('finish', 'Finish', Finishing::fields()),
        ];
    }

    /** @return array<string, Field> by key */
    public static function all(): array
    {
        static $fields = null;
        if ($fields === null) {
            $fields = [];
            foreach (self::groups() as $group) {
                foreach ($group->fields as $field) {
                    $fields[$field->key] = $field;
                }
            }
        }

        return $fields;
    }

    /** @return array<string, string> what the trade takes for an instrument of this type, where it is not computed */
    public static function tradeDefaults(string $type): array
    {
        static $known = [];

        return $known[$type] ??= array_filter(
            array_map(static fn (Field $field): string => $field->defaultFor($type), self::all()),
            static fn (string $typed): bool => $typed !== '',
        );
    }
}
