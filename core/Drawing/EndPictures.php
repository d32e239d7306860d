<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing;

use Rinkel\Core\Closure\ClosureKind;

/**
 * The picture of every closure, by its id.
 */
final readonly class EndPictures
{
    /**
     * @param array<string, EndPicture> $byId
     */
    public function __construct(private array $byId) {}

    /**
     * Returns the pictures of all closures there are.
     */
    public static function all(): self
    {
        return new self([
            'square-slider' => new Picture\SliderEnds(),
            'double-barrel' => new Picture\BarrelEnds(true),
            'single-barrel' => new Picture\BarrelEnds(false),
            'button-loop' => new Picture\LoopEnds(),
            'clasp' => new Picture\FindingEnds(),
            'ties' => new Picture\TiedEnds(),
            'slide-bead' => new Picture\SlideBeadEnds(),
            'elastic' => new Picture\FindingEnds(),
            'butted' => new Picture\JoinedEnds(),
            'magnetic' => new Picture\FindingEnds(),
            'breakaway' => new Picture\FindingEnds(),
            'two-ends' => new Picture\UnlikeEnds(),
            'for-good' => new Picture\JoinedEnds(),
        ]);
    }

    public function and(ClosureKind $kind, EndPicture $picture): self
    {
        return new self([$kind->id() => $picture] + $this->byId);
    }

    public function has(ClosureKind $kind): bool
    {
        return isset($this->byId[$kind->id()]);
    }

    public function of(ClosureKind $kind): EndPicture
    {
        return $this->byId[$kind->id()] ?? throw new \LogicException('Nobody draws the closure '.$kind->id().'.');
    }
}
