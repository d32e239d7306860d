<?php

declare(strict_types=1);

namespace Rinkel\Core\Piece;

use Rinkel\Core\Material\Cord;

/**
 * Writes a piece in the open format, lengths exact in mm, so that PieceReader returns an equal piece.
 */
final class PieceWriter
{
    /**
     * @return array<string, mixed>
     */
    public function write(Piece $piece): array
    {
        return [
            'format' => PieceReader::FORMAT,
            'version' => PieceReader::VERSION,
            'construction' => 'square-knot-band',
            'name' => $piece->name,
            'unit' => $piece->unit->value,
            'wearer' => self::known([
                'wrist' => (string) $piece->wearer->wrist,
                'measured' => $piece->wearer->measured->value,
                'hand' => $piece->wearer->hand?->__toString(),
            ]),
            'ease' => (string) $piece->ease,
            'core' => $this->cord($piece->core) + ['count' => $piece->cores],
            'working' => $this->cord($piece->working),
            'hand' => $piece->hand->value,
            'slider' => self::known(['knots' => $piece->sliderKnots, 'tail' => $piece->tail?->__toString()]),
        ] + (null === $piece->squareKnots ? [] : ['band' => ['squareKnots' => $piece->squareKnots]]);
    }

    /**
     * @return array<string, string>
     */
    private function cord(Cord $cord): array
    {
        return [
            'fibre' => $cord->fibre->value,
            'thickness' => (string) $cord->thickness,
            'colour' => $cord->colour->hex,
        ];
    }

    /**
     * @param array<string, string|int|null> $values
     *
     * @return array<string, string|int>
     */
    private static function known(array $values): array
    {
        return array_filter($values, static fn (string|int|null $value): bool => null !== $value);
    }
}
