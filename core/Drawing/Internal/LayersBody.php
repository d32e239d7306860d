<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing\Internal;

use Rinkel\Core\Construction\Layered;
use Rinkel\Core\Drawing\DrawnCord;
use Rinkel\Core\Drawing\EndCord;
use Rinkel\Core\Drawing\Scene;
use Rinkel\Core\Drawing\SceneFrame;
use Rinkel\Core\Geometry\Point;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Line\Setting;
use Rinkel\Core\Measure\Length;

/**
 * Strands of a necklace as they lie on the board: level where they begin, one below another, each as long as it is.
 *
 * @internal
 */
final readonly class LayersBody extends Body
{
    /** Between one strand and the next, in mm. */
    private const APART = 4.0;

    /** Where strands leave the knot that holds them together, they fan out within so many mm. */
    private const FANS = 10.0;

    public function scene(): Scene
    {
        $scene = $this->strand($this->draft->setting, 'cord', 0.0);
        $y = 0.0;
        $above = $this->draft->setting;
        // Bent as it is worn, each strand hangs in a curve of its own.
        foreach ($this->bends ? [] : $this->draft->layers as $layer) {
            $y += self::wide($above) / 2 + self::APART + self::wide($layer->setting) / 2;
            $scene = $scene->with($this->strand($layer->setting, $layer->layer->role, $y));
            $above = $layer->setting;
        }

        return $scene;
    }

    /**
     * Returns the strands that hang below the first, each for itself.
     *
     * @return list<Scene>
     */
    public function below(): array
    {
        return array_map(
            fn (Layered $layer): Scene => $this->strand($layer->setting, $layer->layer->role, 0.0),
            $this->draft->layers,
        );
    }

    public function ends(): array
    {
        $roles = ['cord', ...array_map(
            static fn (Layered $layer): string => $layer->layer->role,
            $this->draft->layers,
        )];
        $ends = [];
        foreach ($roles as $i => $role) {
            $cord = $this->draft->piece->cord($role)->cord;
            $wide = $cord->thickness->millimetres;
            $ends[] = new EndCord(($i - (\count($roles) - 1) / 2) * $wide, $wide, $cord->colour, $role);
        }

        return $ends;
    }

    private function strand(Setting $setting, string $role, float $y): Scene
    {
        $cord = $this->draft->piece->cord($role)->cord;
        $long = $setting->length->millimetres;
        $parts = new SceneParts();
        foreach ($setting->starts() as $at => $x) {
            $element = $setting->elements[$at];
            if ($element->isBead() || ElementKind::Focal === $element->kind) {
                $parts->bead($this->bead($element, $x, $y));
                $parts->finding(0.0 === $y ? $this->finding($element, $x) : null);
            } else {
                $this->tie($parts, $element, $x, $cord, $role, $y);
            }
        }
        $first = $setting->elements[0] ?? null;
        $bare = ElementKind::Bare === $first?->kind ? $first->extent->length->millimetres : 0.0;
        $line = 0.0 === $y || 0.0 === $bare
            ? [new Point(0, $y), new Point($long, $y)]
            : [new Point(0, 0), new Point(min(self::FANS, $bare), $y), new Point($long, $y)];

        $parts->cord(new DrawnCord($line, $cord->thickness->millimetres, $cord->colour, $role));

        return $parts->scene(
            new SceneFrame(
                left: 0,
                right: $long,
                height: 0.0 === $y ? self::wide($setting) : 0.0,
                deep: $y + self::wide($setting) / 2,
            ),
            $this->stretches($setting, $y),
        );
    }

    private static function wide(Setting $setting): float
    {
        return Length::longest(Length::zero(), ...array_map(
            static fn (Element $element): Length => $element->seat->hangs ? Length::zero() : $element->extent->width,
            $setting->elements,
        ))->millimetres;
    }
}
