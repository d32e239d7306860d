<?php

declare(strict_types=1);

namespace Rinkel\App\Lesson;

use Rinkel\App\Piece\Pieces;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\App\Stock\StockBox;
use Rinkel\Core\Failure;
use Rinkel\Core\Material\Bundle;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\CordUse;
use Rinkel\Core\Piece\Piece;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Stock\Kind;

/**
 * The cords in which a maker can look at a knot: of their pieces in which it is, and from their stock.
 */
final readonly class Cords
{
    /** Drawn by these where no maker's cord is known. */
    public const COLOURS = ['working' => '#2f6f73', 'core' => '#d8cdb8', 'other' => '#b5533c'];

    /** So many of each are offered. */
    private const PIECES = 6;
    private const STOCK = 20;

    public function __construct(
        private Pieces $pieces,
        private Planner $planner,
        private StockBox $stock,
    ) {}

    /**
     * @param list<StoredPiece> $pieces in which it is
     *
     * @return array<string, InCord> by key
     */
    public function all(array $pieces): array
    {
        $all = [];
        foreach (\array_slice($pieces, 0, self::PIECES) as $stored) {
            try {
                $one = $this->ofPiece($stored);
            } catch (Failure) {
                continue;
            }
            $all[$one->key] = $one;
        }
        foreach ($this->stock->found(Kind::Cord, '', self::STOCK)[0] as $row) {
            $cord = $row->cord()?->cord;
            if (null !== $cord) {
                $key = 'stock-'.$row->stored->uid();
                $all[$key] = new InCord($key, $row->stored->text('name'), $cord, new Bundle($cord->round(), 2), [
                    'working' => $cord->colour->hex,
                ] + self::COLOURS);
            }
        }

        return $all;
    }

    /**
     * Returns the cord that ties in a piece, around what lies in it.
     *
     * @throws Failure where the piece cannot be read
     */
    public function ofPiece(StoredPiece $stored): InCord
    {
        return $this->of($this->planner->plan($this->pieces->piece($stored))->draft->piece, 'piece-'.$stored->id());
    }

    /**
     * @param string $key by which it is told from others
     */
    public function of(Piece $piece, string $key): InCord
    {
        $uses = $piece->cords;
        $core = $uses['core'] ?? null;
        $cord = self::ties($piece);

        return new InCord(
            $key,
            $piece->name,
            $cord,
            $core?->bundle() ?? new Bundle($cord->round(), 1),
            self::colours($piece),
        );
    }

    /**
     * Returns by which colours knots of a piece are drawn.
     *
     * @return array<string, string> of cords, by what they are
     */
    public static function colours(Piece $piece): array
    {
        $ties = self::ties($piece)->colour->hex;
        $others = array_values(array_diff(
            array_map(static fn (CordUse $use): string => $use->cord->colour->hex, $piece->cords),
            [$ties],
        ));

        return [
            'working' => $ties,
            'core' => ($piece->cords['core'] ?? null)->cord->colour->hex ?? $others[0] ?? self::COLOURS['core'],
            'other' => $others[1] ?? $others[0] ?? self::COLOURS['other'],
        ];
    }

    private static function ties(Piece $piece): Cord
    {
        $uses = $piece->cords;
        $ties = $uses['working'] ?? array_values(array_diff_key($uses, ['core' => 0]))[0] ?? $uses['core'] ?? null;

        return $ties->cord ?? throw new \LogicException('A piece has cords.');
    }
}
