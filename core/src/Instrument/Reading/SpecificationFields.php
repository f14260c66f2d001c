<?php

declare(strict_types=1);

namespace Regimen\Instrument\Reading;

use Regimen\Instrument\Fields\Field;
use Regimen\Instrument\Fields\FieldGroup;

/** Every value of a specification, in the order in which it is written. */
final class SpecificationFields
{
    /** @return list<FieldGroup> */
    public static function groups(): array
    {
        static $groups = null;

        return $groups ??= [
            new FieldGroup('brief', 'Brief', NeckFields::brief()),
            new FieldGroup('board', 'Scale and board', NeckFields::board()),
            new FieldGroup('strings', 'Strings', NeckFields::strings()),
            new FieldGroup('neck', 'Neck', NeckFields::neck()),
            new FieldGroup('head', 'Headstock', NeckFields::head()),
            new FieldGroup('joint', 'Joint', BodyFields::joint()),
            new FieldGroup('body', 'Body', BodyFields::body()),
            new FieldGroup('bridge', 'Bridge', BodyFields::bridge()),
            new FieldGroup('electronics', 'Electronics', BodyFields::electronics()),
            new FieldGroup('finish', 'Finish', BodyFields::finish()),
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
        return array_filter(
            array_map(static fn (Field $field): string => $field->defaultFor($type), self::all()),
            static fn (string $typed): bool => $typed !== '',
        );
    }
}
