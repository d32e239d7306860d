<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure;

use Rinkel\Core\Material\FindingKind;

/**
 * One way to close a piece: its name, what its maker says of it, what it means for the wearer, and how it is worked
 * out.
 *
 * Adding one is a class here, its name in KnownClosures, its picture in Drawing\EndPictures and its word in the
 * translations; and a construction that offers it.
 *
 * @internal
 */
interface ClosureKind
{
    /**
     * Returns the name in the open format: "square-slider".
     */
    public function id(): string;

    /**
     * Returns whether the wearer moves the closure from shut to open.
     */
    public function slides(): bool;

    /**
     * Returns whether the piece opens fully, so that no hand has to pass it.
     */
    public function opensFully(): bool;

    /**
     * Returns whether the piece has to pass the hand as it is, neither opened nor stretched.
     */
    public function passesShut(): bool;

    /**
     * @return list<ClosureOption> what a maker says of it
     */
    public function options(): array;

    /**
     * @return list<FindingKind> what it is usually made of
     */
    public function made(ClosureWish $wish): array;

    /**
     * @return list<string> codes of the cautions that go with it
     */
    public function cautions(): array;

    public function on(Site $site): Closure;
}
