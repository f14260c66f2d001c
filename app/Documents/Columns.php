<?php

declare(strict_types=1);

namespace App\Documents;

/** Lines of a name and what it is, in two columns, over as many pages as they need. */
final class Columns
{
    /** The least that is read at arm’s length. */
    public const TEXT = 9.0;

    private const LINE = 4.0;

    private const LEFT = 14.0;

    private const TOP = 18.0;

    private const FOOT = 18.0;

    private const BETWEEN = 8.0;

    private readonly float $column;

    private readonly float $height;

    private int $at = 2;

    private float $y = 0.0;

    public function __construct(private readonly Canvas $canvas, Paper $paper, private readonly string $running)
    {
        [$width, $this->height] = $paper->size();
        $this->column = ($width - 2 * self::LEFT - self::BETWEEN) / 2;
    }

    public function heading(string $words): void
    {
        $this->room(5 * self::LINE);
        $this->y += $this->y > self::TOP ? 3.0 : 0.0;
        $this->canvas->heading($words, $this->x(), $this->y, 12);
        $this->y += 1.5 * self::LINE;
    }

    /** A name and what it is beside it, each on as many lines as it takes. */
    public function line(string $name, string $value): void
    {
        $this->pair($name, $value, Face::Text);
    }

    public function figure(string $name, string $value): void
    {
        $this->pair($name, $value, Face::Figures);
    }

    private function pair(string $name, string $value, Face $face): void
    {
        $value = (string) preg_replace('/(?<![\w.])-(?=\d)/u', '−', $value);
        $half = $this->column * 0.56;
        $names = $this->canvas->wrapped($name, self::TEXT, $half - 3);
        $values = $this->canvas->wrapped($value, self::TEXT, $this->column - $half, $face);
        $this->room(self::LINE * max(count($names), count($values)));
        for ($line = 0; $line < max(count($names), count($values)); $line++) {
            $this->canvas->words($names[$line] ?? '', $this->x(), $this->y, self::TEXT);
            $this->canvas->words($values[$line] ?? '', $this->x() + $this->column, $this->y, self::TEXT, 'end', $face);
            $this->y += self::LINE;
        }
        $this->y += 0.6;
    }

    public function sentence(string $words): void
    {
        foreach ($this->canvas->wrapped($words, self::TEXT, $this->column) as $line) {
            $this->room(self::LINE);
            $this->canvas->words($line, $this->x(), $this->y, self::TEXT);
            $this->y += self::LINE;
        }
        $this->y += 1.0;
    }

    private function x(): float
    {
        return self::LEFT + $this->at * ($this->column + self::BETWEEN);
    }

    private function room(float $wanted): void
    {
        if ($this->at < 2 && $this->y + $wanted <= $this->height - self::FOOT) {
            return;
        }
        $this->at++;
        $this->y = self::TOP;
        if ($this->at >= 2) {
            $this->canvas->pdf->AddPage();
            $this->canvas->words($this->running, self::LEFT, $this->height - 9, self::TEXT);
            $this->at = 0;
        }
    }
}
