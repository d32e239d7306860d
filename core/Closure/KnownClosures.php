<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure;

/**
 * The closures that a piece can name, each under its id.
 */
final readonly class KnownClosures
{
    /** @var array<string, ClosureKind> by id */
    private array $byId;

    public function __construct(ClosureKind ...$kinds)
    {
        $this->byId = array_column(
            array_map(static fn (ClosureKind $kind): array => [$kind->id(), $kind], $kinds),
            1,
            0,
        );
    }

    /**
     * Returns all closures there are.
     */
    public static function all(): self
    {
        return new self(
            new Kind\SquareSliding(),
            new Kind\DoubleBarrel(),
            new Kind\SingleBarrel(),
            Kind\ButtonAndLoop::anywhere(),
            Kind\ClaspClosure::anywhere(),
            new Kind\TieClosure(),
            new Kind\SlideBeading(),
            new Kind\KnottedElastic(),
            new Kind\Butted(),
            new Kind\Magnetic(),
            new Kind\Breakaway(),
            Kind\TwoEnding::anywhere(),
            new Kind\ForGood(),
        );
    }

    public function and(ClosureKind $kind): self
    {
        return new self(...array_values($this->byId), ...[$kind]);
    }

    public function named(string $id): ?ClosureKind
    {
        return $this->byId[$id] ?? null;
    }

    /**
     * @return list<string>
     */
    public function ids(): array
    {
        return array_keys($this->byId);
    }
}
