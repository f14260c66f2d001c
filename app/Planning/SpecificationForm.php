<?php

declare(strict_types=1);

namespace App\Planning;

use Regimen\Instrument\BodyConstruction;
use Regimen\Instrument\FinishSystem;
use Regimen\Instrument\Hand;
use Regimen\Instrument\InstrumentType;
use Regimen\Instrument\Layer;
use Regimen\Instrument\NeckJoint;
use Regimen\Instrument\Specification;
use Regimen\Instrument\SpecificationCheck;
use Regimen\Timber\Species;
use Regimen\Units\InvalidQuantity;
use Regimen\Units\Length;

/** A specification as it is typed and kept: lengths stay in the maker's own words. */
final class SpecificationForm
{
    public const FIELDS = ['type', 'strings', 'hand', 'scale', 'frets', 'nutWidth', 'boardLength', 'joint', 'body', 'neckTimber', 'boardTimber', 'layers', 'finish', 'colour', 'pickups', 'electronics', 'wishes'];

    /** @var array<string, string> */
    private array $problems = [];

    /** @param  array<string, mixed>  $typed */
    private function __construct(private readonly array $typed)
    {
    }

    /**
     * @param  array<string, mixed>  $typed
     *
     * @throws InvalidSpecification naming every field that cannot be read or built
     */
    public static function read(array $typed): Specification
    {
        $form = new self($typed);
        $specification = $form->specification();
        $problems = $form->problems + SpecificationCheck::problems($specification);
        if ($problems !== []) {
            throw new InvalidSpecification($problems);
        }

        return $specification;
    }

    private function specification(): Specification
    {
        return new Specification(
            $this->choice('type', InstrumentType::class, InstrumentType::Guitar),
            $this->whole('strings', 6),
            $this->choice('hand', Hand::class, Hand::Right),
            $this->length('scale', 648.0),
            $this->whole('frets', 22),
            $this->length('nutWidth', 43.0),
            $this->text('boardLength') === '' ? null : $this->length('boardLength', 480.0),
            $this->choice('joint', NeckJoint::class, NeckJoint::BoltOn),
            $this->choice('body', BodyConstruction::class, BodyConstruction::Solid),
            $this->timber('neckTimber'),
            $this->timber('boardTimber'),
            $this->layers(),
            $this->choice('finish', FinishSystem::class, FinishSystem::WipingOil),
            $this->text('colour'),
            $this->whole('pickups', 0),
            $this->text('electronics'),
            $this->text('wishes'),
        );
    }

    /** @return list<Layer> */
    private function layers(): array
    {
        $layers = [];
        $typed = $this->typed['layers'] ?? null;
        foreach (is_array($typed) ? array_values($typed) : [] as $index => $layer) {
            $form = new self(is_array($layer) ? $layer : []);
            $layers[] = new Layer($form->timber('timber'), $form->length('thickness', 10.0));
            foreach ($form->problems as $field => $problem) {
                $this->problems["layers.{$index}.{$field}"] = $problem;
            }
        }
        if ($layers === [] || count($layers) > 6) {
            $this->problems['layers'] = 'A body has one to six layers.';
            $layers = $layers ?: [new Layer(Species::named('red alder'), Length::ofMillimetres(45))];
        }

        return $layers;
    }

    private function text(string $field): string
    {
        $value = $this->typed[$field] ?? '';

        return is_scalar($value) ? trim((string) $value) : '';
    }

    private function length(string $field, float $instead): Length
    {
        try {
            return Length::parse($this->text($field));
        } catch (InvalidQuantity $wrong) {
            $this->problems[$field] = $wrong->getMessage();

            return Length::ofMillimetres($instead);
        }
    }

    private function whole(string $field, int $instead): int
    {
        $text = $this->text($field);
        if (preg_match('/^\d{1,3}$/', $text) !== 1) {
            $this->problems[$field] = $text === '' ? "Nothing was typed. Write a whole number such as {$instead}." : "“{$text}” is not a whole number such as {$instead}.";

            return $instead;
        }

        return (int) $text;
    }

    private function timber(string $field): Species
    {
        try {
            return Species::named($this->text($field));
        } catch (\InvalidArgumentException $wrong) {
            $this->problems[$field] = $wrong->getMessage();

            return Species::named('red alder');
        }
    }

    /**
     * @template T of \BackedEnum
     *
     * @param  class-string<T>  $enum
     * @param  T  $instead
     * @return T
     */
    private function choice(string $field, string $enum, \BackedEnum $instead): \BackedEnum
    {
        $found = $enum::tryFrom($this->text($field));
        if ($found === null) {
            $this->problems[$field] = 'Choose one of: '.implode(', ', array_map(static fn (\BackedEnum $case): string => (string) $case->value, $enum::cases())).'.';
        }

        return $found ?? $instead;
    }
}
