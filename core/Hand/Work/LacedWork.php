<?php

declare(strict_types=1);

namespace Rinkel\Core\Hand\Work;

use Rinkel\Core\Hand\HandReading;
use Rinkel\Core\Hand\Work;
use Rinkel\Core\Knot\Lacing;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Measure\Length;

/**
 * A cord laced through the links of a chain, one after the other.
 *
 * @internal
 */
final readonly class LacedWork implements Work
{
    use ShortensEnds;

    public function __construct(
        private Cord $cord,
        public Finding $link,
    ) {}

    public function word(): string
    {
        return 'link';
    }

    public function cord(): Cord
    {
        return $this->cord;
    }

    public function wantsEnd(): bool
    {
        return true;
    }

    public function wantsLength(): bool
    {
        return false;
    }

    /**
     * The chain gives the length; only what the cord takes of it is the maker's hand.
     */
    public function reading(int $count, ?Length $length, ?Length $used): HandReading
    {
        return new HandReading(
            $this->word(),
            false,
            null,
            $this->link->pitch()->times($count),
            $used,
            (new Lacing($this->link))->use($this->cord, 1)->times($count),
        );
    }

    public function least(int $count, ?Length $length): Length
    {
        return $this->link->pitch()->times($count);
    }
}
