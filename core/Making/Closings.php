<?php

declare(strict_types=1);

namespace Rinkel\Core\Making;

use Rinkel\Core\Plan\Plan;

/**
 * How every closure is made, by its id.
 */
final readonly class Closings
{
    /**
     * @param array<string, Closing> $byId
     */
    private function __construct(private array $byId) {}

    public static function all(): self
    {
        return new self([
            'square-slider' => new Closing\SquareSlider(),
            'double-barrel' => new Closing\Barrels(2),
            'single-barrel' => new Closing\Barrels(1),
            'button-loop' => new Closing\ButtonLoop(),
            'clasp' => new Closing\Findings('clasp'),
            'magnetic' => new Closing\Magnet(),
            'breakaway' => new Closing\Findings('breakaway'),
            'ties' => new Closing\Ties(),
            'slide-bead' => new Closing\SlideBead(),
            'elastic' => new Closing\Elastic(),
            'butted' => new Closing\Butted(),
            'two-ends' => new Closing\TwoEnds(),
            'for-good' => new Closing\ForGood(),
        ]);
    }

    public function has(string $id): bool
    {
        return isset($this->byId[$id]);
    }

    public function of(Plan $plan): Closing
    {
        $id = $plan->draft->fastened->kind->id();

        return $this->byId[$id] ?? throw new \LogicException('Nobody says how '.$id.' is made.');
    }
}
