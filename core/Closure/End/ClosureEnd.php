<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\End;

use Rinkel\Core\Closure\Closing\AtEnd;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Remark\Check;
use Rinkel\Core\Remark\Step;

/**
 * One end of a piece: how far it reaches from the body when the piece is closed, and how it is made.
 *
 * @internal
 */
interface ClosureEnd
{
    public function reach(): Length;

    /**
     * Returns how it is made.
     */
    public function atEnd(): AtEnd;

    /**
     * @return list<Check>
     */
    public function checks(): array;

    public function step(): Step;

    /**
     * @return list<array{string, Finding}> by name
     */
    public function findings(): array;

    /**
     * Returns the opening inside that it has, lying flat; null of what is no loop.
     */
    public function flat(): ?Length;

    /**
     * Returns what of it hangs free behind the knot that ties the piece; null of what is no tie.
     */
    public function tail(): ?Length;

    /**
     * Returns how much further out each next size of it lies; nothing where it has one.
     */
    public function further(): Length;
}
