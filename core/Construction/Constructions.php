<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction;

use Rinkel\Core\Message;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Quoted;

/**
 * The constructions that a piece can name, each under its id.
 */
final readonly class Constructions
{
    /** @var array<string, Construction> */
    private array $byId;

    public function __construct(Construction ...$constructions)
    {
        $this->byId = array_column(
            array_map(static fn (Construction $construction): array => [$construction->id(), $construction], $constructions),
            1,
            0,
        );
    }

    /**
     * Returns all constructions there are.
     */
    public static function all(): self
    {
        return new self(
            new SquareKnotBand(),
            new StackedBand(),
            new SpacedKnots(),
            new SingleFocal(),
            new BundledWrap(),
            new StrungBeads(),
            new StretchString(),
            new KnottedStrands(),
            new LayeredStrands(),
            new MultiRow(),
            new WaveBand(),
            new StrandBundle(),
            new LacedChain(),
            new BraidedChain(),
            new RopeKnot(),
            new NettedPouch(),
        );
    }

    public function and(Construction $construction): self
    {
        return new self(...array_values($this->byId), ...[$construction]);
    }

    /**
     * @return list<string>
     */
    public function ids(): array
    {
        return array_keys($this->byId);
    }

    /**
     * @throws PieceUnreadable If there is no such construction
     */
    public function get(string $id): Construction
    {
        return $this->byId[$id]
            ?? throw PieceUnreadable::at('construction', new Message('one-of', ['known' => $this->ids(), 'found' => new Quoted($id)]));
    }

    public function named(string $id): ?Construction
    {
        return $this->byId[$id] ?? null;
    }
}
