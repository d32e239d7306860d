<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core;

use Rinkel\Core\Closure\Closing\BarrelTails;
use Rinkel\Core\Closure\ClosureSpan;
use Rinkel\Core\Closure\Fittings;
use Rinkel\Core\Closure\Footing;
use Rinkel\Core\Closure\KnotWish;
use Rinkel\Core\Closure\LoopSizes;
use Rinkel\Core\Closure\LoopWish;
use Rinkel\Core\Closure\ReachWish;
use Rinkel\Core\Cutting\Margin;
use Rinkel\Core\Cutting\Parting;
use Rinkel\Core\Drawing\Around;
use Rinkel\Core\Drawing\DrawnBox;
use Rinkel\Core\Drawing\Pose;
use Rinkel\Core\Drawing\RunEdges;
use Rinkel\Core\Drawing\SceneFrame;
use Rinkel\Core\Line\Extent;
use Rinkel\Core\Line\Mention;
use Rinkel\Core\Line\Seat;
use Rinkel\Core\Making\WorkedLengths;
use Rinkel\Core\Material\BeadMeasures;
use Rinkel\Core\Piece\PieceOutcome;
use Rinkel\Core\Piece\Remarks;
use Rinkel\Core\Work\Advice;
use Rinkel\Core\Work\Allowances;
use Rinkel\Core\Work\EndCare;
use Rinkel\Core\Work\EndHabits;
use Rinkel\Core\Work\Grip;
use Rinkel\Core\Work\Handling;
use Rinkel\Core\Work\OrderHabits;
use Rinkel\Core\Work\OutletEnds;
use Rinkel\Core\Work\Spot;
use Rinkel\Core\Work\Stint;
use Rinkel\Core\Work\TyingHabits;

/**
 * What something comes to, in sixteen digits: the same for the same values, however they are held together.
 */
final class Digest
{
    /** Classes that only hold together what is their owner's: they do not change what it comes to. */
    private const PARTS = [
        Stint::class, Grip::class, EndCare::class, Spot::class, Advice::class, Allowances::class, EndHabits::class,
        OrderHabits::class, TyingHabits::class, OutletEnds::class, Handling::class, KnotWish::class, ReachWish::class,
        LoopWish::class, ClosureSpan::class, Fittings::class, LoopSizes::class, Footing::class, Parting::class,
        Margin::class, PieceOutcome::class, Remarks::class, Extent::class, Mention::class, Seat::class, Around::class,
        RunEdges::class, SceneFrame::class, DrawnBox::class, Pose::class, WorkedLengths::class, BeadMeasures::class,
        BarrelTails::class,
    ];

    /** @var \SplObjectStorage<object, string> held, so that no other object is taken for one that is gone */
    private \SplObjectStorage $known;

    /** @var array<int, true> objects on the way down */
    private array $within = [];

    public function __construct()
    {
        $this->known = new \SplObjectStorage();
    }

    public function of(mixed $value): string
    {
        return hash('xxh3', $this->written($value));
    }

    /**
     * Floats count to nine digits: what another processor rounds otherwise is not another value.
     */
    private function written(mixed $value): string
    {
        return match (true) {
            $value instanceof \UnitEnum => $value::class.'::'.$value->name,
            $value instanceof \Closure => '',
            \is_object($value) => $this->object($value),
            \is_array($value) => $this->list($value),
            \is_float($value) => abs($value) < 1e-9 ? '0' : \sprintf('%.8e', $value),
            default => var_export($value, true),
        };
    }

    /**
     * What is known by name counts in any order.
     *
     * @param array<mixed> $value
     */
    private function list(array $value): string
    {
        array_is_list($value) || ksort($value);

        return '['.implode(',', array_map(
            fn (int|string $key): string => $key.':'.$this->written($value[$key]),
            array_keys($value),
        )).']';
    }

    private function object(object $value): string
    {
        $id = spl_object_id($value);
        if (isset($this->within[$id])) {
            return '^';
        }
        if (!isset($this->known[$value])) {
            $this->within[$id] = true;
            $this->known[$value] = hash('xxh3', $value::class.$this->written(self::vars($value)));
            unset($this->within[$id]);
        }

        return $this->known[$value];
    }

    /**
     * Returns what an object holds, that of its parts with its own, by name.
     *
     * @return array<array-key, mixed>
     */
    private static function vars(object $value): array
    {
        $vars = [];
        foreach (get_object_vars($value) as $name => $held) {
            $vars += \is_object($held) && \in_array(
                $held::class,
                self::PARTS,
                true,
            ) ? self::vars($held) : [$name => $held];
        }
        ksort($vars);

        return $vars;
    }
}
