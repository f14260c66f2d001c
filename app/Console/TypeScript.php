<?php

declare(strict_types=1);

namespace App\Console;

use App\Pages\Dict;
use App\Pages\Later;
use App\Pages\LeavesOutNull;
use App\Pages\Page;
use BackedEnum;
use LogicException;
use PHPStan\PhpDocParser\Ast\ConstExpr\ConstExprStringNode;
use PHPStan\PhpDocParser\Ast\Type\ArrayShapeItemNode;
use PHPStan\PhpDocParser\Ast\Type\ArrayShapeNode;
use PHPStan\PhpDocParser\Ast\Type\ArrayTypeNode;
use PHPStan\PhpDocParser\Ast\Type\ConstTypeNode;
use PHPStan\PhpDocParser\Ast\Type\GenericTypeNode;
use PHPStan\PhpDocParser\Ast\Type\IdentifierTypeNode;
use PHPStan\PhpDocParser\Ast\Type\NullableTypeNode;
use PHPStan\PhpDocParser\Ast\Type\TypeNode;
use PHPStan\PhpDocParser\Ast\Type\UnionTypeNode;
use PHPStan\PhpDocParser\Lexer\Lexer;
use PHPStan\PhpDocParser\Parser\ConstExprParser;
use PHPStan\PhpDocParser\Parser\PhpDocParser;
use PHPStan\PhpDocParser\Parser\TokenIterator;
use PHPStan\PhpDocParser\Parser\TypeParser;
use PHPStan\PhpDocParser\ParserConfig;
use ReflectionClass;
use ReflectionEnum;
use ReflectionNamedType;
use ReflectionProperty;

/** The types of everything that pages get, in the words of the front end, from the classes that it is made with. */
final class TypeScript
{
    private const HEAD = <<<'TS'
        // Written by `./regimen types` from the classes in app/Pages. Do not edit: change the class.
        TS;

    private Lexer $lexer;

    private PhpDocParser $parser;

    private TypeParser $types;

    /** @var array<string, string> declarations by name */
    private array $declared = [];

    public function __construct()
    {
        $config = new ParserConfig([]);
        $constants = new ConstExprParser($config);
        $this->types = new TypeParser($config, $constants);
        $this->lexer = new Lexer($config);
        $this->parser = new PhpDocParser($config, $this->types, $constants);
    }

    /** @param  list<class-string>  $classes */
    public function of(array $classes): string
    {
        $pages = [];
        foreach ($classes as $class) {
            $name = $this->name($class);
            if (is_subclass_of($class, Page::class)) {
                $pages[] = "    '".$class::COMPONENT."': {$name};";
            }
        }
        sort($pages);
        ksort($this->declared);

        return self::HEAD."\n\n".implode("\n\n", $this->declared)
            ."\n\n/** What each page gets, by its component. */\nexport interface Pages {\n".implode("\n", $pages)."\n}\n";
    }

    /** @param  class-string  $class */
    private function name(string $class): string
    {
        $reflected = new ReflectionClass($class);
        $name = $reflected->getShortName();
        if (! isset($this->declared[$name])) {
            $this->declared[$name] = '';
            $this->declared[$name] = $this->comment($reflected).(is_subclass_of($class, BackedEnum::class)
                ? $this->enum($class)
                : $this->interface($reflected));
        }

        return $name;
    }

    /** @param  class-string<BackedEnum>  $class */
    private function enum(string $class): string
    {
        $values = array_map(
            static fn ($case): string => is_string($case->getBackingValue())
                ? "'{$case->getBackingValue()}'"
                : (string) $case->getBackingValue(),
            (new ReflectionEnum($class))->getCases(),
        );

        return 'export type '.(new ReflectionClass($class))->getShortName().' = '.implode(' | ', $values).';';
    }

    /** @param  ReflectionClass<object>  $class */
    private function interface(ReflectionClass $class): string
    {
        $leavesOut = in_array(LeavesOutNull::class, $class->getTraitNames(), true);
        $parent = $class->getParentClass();
        $extends = $parent === false || $parent->getName() === Page::class ? '' : ' extends '.$this->name($parent->getName());
        $lines = [];
        foreach ($class->getProperties(ReflectionProperty::IS_PUBLIC) as $property) {
            if ($property->getDeclaringClass()->getName() === $class->getName()) {
                $lines[] = "    {$this->property($property, $leavesOut)};";
            }
        }

        return $lines === []
            ? "export type {$class->getShortName()} = Record<string, never>;"
            : "export interface {$class->getShortName()}{$extends} {\n".implode("\n", $lines)."\n}";
    }

    private function property(ReflectionProperty $property, bool $leavesOut): string
    {
        $type = $property->getType();
        if (! $type instanceof ReflectionNamedType) {
            throw new LogicException("{$property->class}::\${$property->name} needs one type.");
        }
        $isLater = $type->getName() === Later::class;
        $isOptional = $isLater || $leavesOut && $type->allowsNull();
        $written = $this->documented($property) ?? $this->types->parse($this->tokens(
            ($type->allowsNull() && $type->getName() !== 'mixed' ? '?' : '').($type->isBuiltin() ? '' : '\\').$type->getName(),
        ));
        $words = $this->type($written, $property->getDeclaringClass());

        return $property->name.($isOptional ? '?: ' : ': ')
            .($isOptional && ! $isLater ? preg_replace('/ \| null$/', '', $words) : $words);
    }

    private function documented(ReflectionProperty $property): ?TypeNode
    {
        $comment = $property->getDeclaringClass()->getConstructor()?->getDocComment();
        foreach (is_string($comment) ? $this->parser->parse($this->tokens($comment))->getParamTagValues() : [] as $param) {
            if ($param->parameterName === "\${$property->name}") {
                return $param->type;
            }
        }

        return null;
    }

    private function tokens(string $text): TokenIterator
    {
        return new TokenIterator($this->lexer->tokenize($text));
    }

    /** @param  ReflectionClass<object>  $in */
    private function type(TypeNode $type, ReflectionClass $in): string
    {
        return match (true) {
            $type instanceof NullableTypeNode => "{$this->type($type->type, $in)} | null",
            $type instanceof UnionTypeNode => implode(' | ', array_map(fn (TypeNode $one): string => $this->type($one, $in), $type->types)),
            $type instanceof ArrayTypeNode => $this->listed($this->type($type->type, $in)),
            $type instanceof ArrayShapeNode => '['.implode(', ', array_map(
                fn (ArrayShapeItemNode $item): string => $this->type($item->valueType, $in), $type->items,
            )).']',
            $type instanceof ConstTypeNode && $type->constExpr instanceof ConstExprStringNode => "'{$type->constExpr->value}'",
            $type instanceof GenericTypeNode => $this->generic($type, $in),
            $type instanceof IdentifierTypeNode => $this->named($type->name, $in),
            default => throw new LogicException("“{$type}” in {$in->getName()} has no words in the front end."),
        };
    }

    /** @param  ReflectionClass<object>  $in */
    private function generic(GenericTypeNode $type, ReflectionClass $in): string
    {
        $of = array_map(fn (TypeNode $one): string => $this->type($one, $in), $type->genericTypes);

        return match ((string) $type->type) {
            'list' => $this->listed($of[0]),
            'array' => count($of) === 1 ? $this->listed($of[0]) : "Record<{$of[0]}, {$of[1]}>",
            'Dict' => "Record<string, {$of[0]}>",
            'Later' => $of[0],
            default => throw new LogicException("“{$type}” in {$in->getName()} has no words in the front end."),
        };
    }

    private function listed(string $of): string
    {
        return str_contains($of, ' | ') && $of[0] !== '[' && ! str_starts_with($of, 'Record<') ? "({$of})[]" : "{$of}[]";
    }

    /** @param  ReflectionClass<object>  $in */
    private function named(string $name, ReflectionClass $in): string
    {
        return match ($name) {
            'int', 'float' => 'number',
            'string', 'null' => $name,
            'bool' => 'boolean',
            default => $this->name($this->resolved($name, $in)),
        };
    }

    /**
     * @param  ReflectionClass<object>  $in
     * @return class-string
     */
    private function resolved(string $name, ReflectionClass $in): string
    {
        $source = (string) file_get_contents((string) $in->getFileName());
        $imported = preg_match('/^use ([\w\\\\]+\\\\'.preg_quote($name, '/').');$/m', $source, $found) === 1 ? $found[1] : null;
        $class = ltrim(str_starts_with($name, '\\') ? $name : $imported ?? $in->getNamespaceName().'\\'.$name, '\\');
        if (! class_exists($class) && ! enum_exists($class) || $class === Dict::class) {
            throw new LogicException("“{$name}” in {$in->getName()} is no class that a page can get.");
        }

        return $class;
    }

    /** @param  ReflectionClass<object>  $class */
    private function comment(ReflectionClass $class): string
    {
        $comment = $class->getDocComment();
        $words = is_string($comment) ? trim((string) preg_replace('~^\s*/?\*+/?|\*/$~m', '', $comment)) : '';

        return $words === '' ? '' : '/** '.preg_replace('/\s+/', ' ', $words)." */\n";
    }
}
