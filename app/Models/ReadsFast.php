<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A page reads tens of thousands of attributes. What each of them is made of is worked out once for a model instead of at every reading, and a value that
 * cannot change is made once of the same text.
 */
trait ReadsFast
{
    private const PLAIN = 0;

    private const ENUM = 1;

    private const WHOLE = 2;

    private const OTHER = 3;

    /** Casts whose values are made of their text alone and never change: instants, lists and tables. */
    private const MADE_ONCE = ['immutable_datetime', 'array'];

    /** So many made values are kept, of texts no longer than this. */
    private const MOST = 8_000;

    private const LONGEST = 200;

    /** @var array<class-string, array<string, string>> by model */
    private static array $castsOf = [];

    /** @var array<class-string, array<string, int>> by model and attribute */
    private static array $kinds = [];

    /** @var array<string, array<string, mixed>> by cast and text */
    private static array $made = [];

    private static int $count = 0;

    /** @var array<class-string, static> by model */
    private static array $blanks = [];

    /** No model of ours has a part that begins something with it, so that nobody looks for one in hundreds of methods. */
    protected static function bootTraits(): void
    {
        static::$traitInitializers[static::class] = [];
    }

    /**
     * A page has thousands of rows: each is a copy of a blank one.
     *
     * @param  array<string, mixed>  $attributes
     * @param  bool  $exists
     */
    public function newInstance($attributes = [], $exists = false): static
    {
        if (! isset(static::$booted[static::class])) {
            unset(self::$blanks[static::class]);
        }
        $model = clone self::$blanks[static::class] ??= new static; // @phpstan-ignore new.static (none of ours has a constructor of its own)
        $model->exists = $exists;
        $model->setConnection($this->getConnectionName());

        return $attributes === [] ? $model : $model->fill($attributes);
    }

    /**
     * Nobody listens to what is only read.
     *
     * @param  string  $event
     * @param  bool  $halt
     */
    protected function fireModelEvent($event, $halt = true): mixed
    {
        return $event === 'retrieved' ? null : parent::fireModelEvent($event, $halt);
    }

    /** @return array<string, string> */
    public function getCasts(): array
    {
        return self::$castsOf[static::class] ??= parent::getCasts();
    }

    /** @param  string  $key */
    public function getAttribute($key): mixed
    {
        if (! array_key_exists($key, $this->attributes)) {
            return array_key_exists($key, $this->relations) ? $this->relations[$key] : parent::getAttribute($key);
        }
        $value = $this->attributes[$key];

        return match (self::$kinds[static::class][$key] ??= $this->kindOf($key)) {
            self::PLAIN => $value,
            self::ENUM => $value === null ? null : $this->getCasts()[$key]::from($value),
            self::WHOLE => is_string($value) && strlen($value) <= self::LONGEST ? $this->madeOf($key, $value) : parent::getAttribute($key),
            default => parent::getAttribute($key),
        };
    }

    private function kindOf(string $key): int
    {
        $cast = $this->getCasts()[$key] ?? null;

        return match (true) {
            $this->hasAnyGetMutator($key) || in_array($key, $this->getDates(), true) => self::OTHER,
            $cast === null, $key === $this->getKeyName() && $cast === 'int' => self::PLAIN,
            enum_exists($cast) => self::ENUM,
            in_array($cast, self::MADE_ONCE, true) || str_starts_with($cast, Casts\EnumList::class) => self::WHOLE,
            default => self::OTHER,
        };
    }

    private function madeOf(string $key, string $value): mixed
    {
        $cast = $this->getCasts()[$key];
        if (! isset(self::$made[$cast][$value])) {
            if (++self::$count > self::MOST) {
                [self::$made, self::$count] = [[], 1];
            }
            self::$made[$cast][$value] = parent::getAttribute($key);
        }

        return self::$made[$cast][$value];
    }
}
