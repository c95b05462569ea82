<?php

declare(strict_types=1);

namespace Planisher\Colour;

/** Three rows of three numbers, as colour goes from one set of primaries to another. */
final readonly class Matrix
{
    /** @param  array{list<float>, list<float>, list<float>}  $rows  three numbers each */
    public function __construct(public array $rows) {}

    /** @param  list<float>  $numbers  three, and 0 beside them */
    public static function scaling(array $numbers): self
    {
        return new self([[$numbers[0], 0.0, 0.0], [0.0, $numbers[1], 0.0], [0.0, 0.0, $numbers[2]]]);
    }

    /** What comes of the other first and then of this. */
    public function after(self $other): self
    {
        return (new self([$this->of($other->column(0)), $this->of($other->column(1)), $this->of($other->column(2))]))->transposed();
    }

    /**
     * @param  list<float>  $vector  three numbers
     * @return list<float>
     */
    public function of(array $vector): array
    {
        return array_map(fn (array $row): float => $row[0] * $vector[0] + $row[1] * $vector[1] + $row[2] * $vector[2], $this->rows);
    }

    /** @return list<float> */
    public function column(int $at): array
    {
        return array_column($this->rows, $at);
    }

    public function transposed(): self
    {
        return new self([$this->column(0), $this->column(1), $this->column(2)]);
    }

    /** By cofactors. */
    public function inverse(): self
    {
        [[$a, $b, $c], [$d, $e, $f], [$g, $h, $i]] = $this->rows;
        $determinant = $a * ($e * $i - $f * $h) - $b * ($d * $i - $f * $g) + $c * ($d * $h - $e * $g);
        $row = fn (float ...$cofactors): array => array_map(fn (float $v): float => $v / $determinant, array_values($cofactors));

        return new self([
            $row($e * $i - $f * $h, $c * $h - $b * $i, $b * $f - $c * $e),
            $row($f * $g - $d * $i, $a * $i - $c * $g, $c * $d - $a * $f),
            $row($d * $h - $e * $g, $b * $g - $a * $h, $a * $e - $b * $d),
        ]);
    }
}
