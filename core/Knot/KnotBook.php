<?php

declare(strict_types=1);

namespace Rinkel\Core\Knot;

use Rinkel\Core\Material\Bundle;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Pattern\Node\KnotKind;

/**
 * Every knot as one maker ties it: by her own sample where there is one, else by the model.
 */
final readonly class KnotBook
{
    /**
     * @param array<string, Sample> $samples by the knot's word, "square", "half left", …
     */
    public function __construct(
        private Tension $tension,
        private array $samples = [],
    ) {}

    public function hasSample(KnotKind $kind): bool
    {
        return isset($this->samples[$kind->value]);
    }

    /**
     * Returns a knot that $working ties around $core.
     */
    public function around(KnotKind $kind, Bundle $core, Cord $working): Tied
    {
        return $this->measured($kind, match ($kind) {
            KnotKind::HalfLeft, KnotKind::HalfRight => HalfKnot::spiral()->tied($core, $working, $this->tension),
            KnotKind::HalfHitch => Hitch::half()->tied($core, $working),
            KnotKind::Whip => (new Whipping())->turn($core, $working),
            KnotKind::LarksHead, KnotKind::VerticalLarksHead => Hitch::verticalLarksHead()->tied($core, $working),
            default => (new SquareKnot())->tied($core, $working, $this->tension),
        });
    }

    /**
     * Returns a knot that $together cords tie in themselves.
     */
    public function in(KnotKind $kind, Cord $cord, int $together = 1, int $wraps = BarrelKnot::USUAL): Tied
    {
        return $this->measured($kind, match ($kind) {
            KnotKind::Barrel => (new BarrelKnot($wraps))->dressed($cord),
            KnotKind::Interlace => (new Interlace())->tied($cord, $together),
            KnotKind::DoubleOverhand => (new BarrelKnot(2))->pulledHard($cord),
            default => (new OverhandKnot())->tied($cord, $together),
        });
    }

    private function measured(KnotKind $kind, Tied $model): Tied
    {
        $sample = $this->samples[$kind->value] ?? null;

        return null === $sample ? $model : new Tied($sample->pitch, $sample->use, $model->width, $model->thickness);
    }
}
