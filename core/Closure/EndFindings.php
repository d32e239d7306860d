<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure;

use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\FindingKind;

/**
 * The findings of a closure, and at which end each of them goes, from the body on: ends and rings take turns, what
 * holds goes where the piece begins, what it holds to where it ends.
 *
 * @internal
 */
final readonly class EndFindings
{
    private const HOLDING = [
        FindingKind::Clasp, FindingKind::Hook, FindingKind::Toggle, FindingKind::Magnet, FindingKind::Connector,
        FindingKind::CrimpCover, FindingKind::Button, FindingKind::Stone, FindingKind::SlideBead,
    ];

    private const HELD = [FindingKind::Extender, FindingKind::Charm, FindingKind::Link];

    /**
     * @param list<array{string, Finding}> $left  by name, from the body on
     * @param list<array{string, Finding}> $right likewise
     */
    public function __construct(
        public array $left,
        public array $right,
    ) {}

    /**
     * Returns where a maker's findings go that did not say.
     *
     * @param list<array{string, Finding}> $named in the maker's order, by name
     */
    public static function shared(array $named): self
    {
        $onCord = self::onCord($named);
        $rest = array_values(array_filter($named, static fn (array $one): bool => !\in_array($one, $onCord, true)));

        return new self(
            [...$onCord, ...self::endAndRing($named, 0), ...self::of($rest, self::HOLDING)],
            [...self::endAndRing($named, 1), ...self::of($named, self::HELD)],
        );
    }

    /**
     * Returns the links that the cords themselves go through: those named before any ring, which hangs on them.
     *
     * @param list<array{string, Finding}> $named
     *
     * @return list<array{string, Finding}>
     */
    private static function onCord(array $named): array
    {
        $links = [];
        foreach ($named as $one) {
            if (FindingKind::Ring === $one[1]->kind) {
                return $links;
            }
            $links = FindingKind::Connector === $one[1]->kind ? [...$links, $one] : $links;
        }

        return [];
    }

    /**
     * Returns what has its other half where the piece ends, as nothing there takes what holds; null where something
     * does.
     */
    public function half(): ?string
    {
        $takes = array_filter(
            $this->right,
            static fn (array $named): bool => FindingKind::Ring === $named[1]->kind
                || \in_array($named[1]->kind, self::HELD, true),
        );

        return [] === $takes && [] !== $this->left ? $this->left[\count($this->left) - 1][0] : null;
    }

    /**
     * Returns whether what comes first at one end is pressed over the cords.
     */
    public function crimps(bool $isStart): bool
    {
        $side = $isStart ? $this->left : $this->right;

        return [] !== $side && self::isCrimp($side[0][1]);
    }

    public static function isCrimp(Finding $finding): bool
    {
        return \in_array($finding->kind, [FindingKind::FoldOverEnd, FindingKind::CordEnd], true);
    }

    /**
     * Returns the ends and rings on one side: they take turns.
     *
     * @param list<array{string, Finding}> $named
     *
     * @return list<array{string, Finding}>
     */
    private static function endAndRing(array $named, int $side): array
    {
        $those = [];
        foreach ([[FindingKind::FoldOverEnd, FindingKind::CordEnd], [FindingKind::Ring]] as $kinds) {
            foreach (self::of($named, $kinds) as $i => $one) {
                if ($side === $i % 2) {
                    $those[] = $one;
                }
            }
        }

        return $those;
    }

    /**
     * @param list<array{string, Finding}> $all
     * @param list<FindingKind>            $kinds
     *
     * @return list<array{string, Finding}>
     */
    private static function of(array $all, array $kinds): array
    {
        return array_values(array_filter(
            $all,
            static fn (array $named): bool => \in_array($named[1]->kind, $kinds, true),
        ));
    }
}
