<?php

declare(strict_types=1);

namespace Rinkel\Core\Making;

use Rinkel\Core\Hand\Made;
use Rinkel\Core\Work\Acts;
use Rinkel\Core\Work\EndUse;
use Rinkel\Core\Work\Part;

/**
 * What knots make of a body's length, in the plan and in mm: in all, and of the part that is in hand by now.
 *
 * @internal
 */
final readonly class LengthSoFar
{
    /**
     * @param array<string, Made>  $made     what it is made of
     * @param array<string, float> $all      how much each makes of the whole
     * @param array<string, float> $done     how much of the part in hand is made by each
     * @param float                $doneBare how much of that is no knot
     * @param float                $free     how much of that part is still to come of what is repeated until a length
     *                                       is
     *                                       reached
     * @param float                $planned  how long that part was to be by now
     */
    private function __construct(
        public array $made,
        public array $all,
        public array $done,
        public float $doneBare,
        public float $free,
        public float $planned,
    ) {}

    public static function of(Acts $acts, int $moves, int $half): self
    {
        [$made, $all, $done, $doneBare, $free, $planned] = [[], [], [], 0.0, 0.0, 0.0];
        foreach ($acts->all as $i => $act) {
            if (null === $act->stint->adds || Part::Body !== $act->part && Part::Bend !== $act->part) {
                continue;
            }
            $share = max(0, min($act->stint->count, $moves - $acts->before($i))) / max(1, $act->stint->count);
            $length = $act->stint->adds->millimetres;
            $spent = self::knotted($act->stint->takes);
            $knots = match (true) {
                null === $spent => 0.0,
                null === $spent->repeat => $length,
                default => $length * $spent->length / max(1e-9, $spent->length + $spent->bare),
            };
            if (null !== $spent?->made) {
                $made[$spent->made->key] = $spent->made;
                $all[$spent->made->key] = ($all[$spent->made->key] ?? 0.0) + $knots;
            }
            if ($act->grip->half !== $half) {
                continue;
            }
            $planned += $length * $share;
            $doneBare += ($length - $knots) * $share;
            if (null !== $spent?->made) {
                $done[$spent->made->key] = ($done[$spent->made->key] ?? 0.0) + $knots * $share;
            }
            $free += self::isRepeated($act->stint->takes) ? $length * (1 - $share) : 0.0;
        }

        return new self($made, $all, $done, $doneBare, $free, $planned);
    }

    /**
     * Returns what makes most of it; null where no knot does.
     */
    public function mainly(): ?Made
    {
        $all = $this->all;
        arsort($all);

        return $this->made[array_key_first($all) ?? ''] ?? null;
    }

    /**
     * @param list<EndUse> $takes
     */
    private static function knotted(array $takes): ?EndUse
    {
        foreach ($takes as $spent) {
            if (null !== $spent->made && $spent->knots > 0.0) {
                return $spent;
            }
        }

        return null;
    }

    /**
     * @param list<EndUse> $takes
     */
    private static function isRepeated(array $takes): bool
    {
        foreach ($takes as $spent) {
            if (null !== $spent->repeat) {
                return true;
            }
        }

        return false;
    }
}
