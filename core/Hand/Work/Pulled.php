<?php

declare(strict_types=1);

namespace Rinkel\Core\Hand\Work;

use Rinkel\Core\Hand\Work;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Measure\Length;

/**
 * A rope or an elastic, pulled as it will be over a hand: it tells of the cord, not of who pulled it.
 */
final readonly class Pulled implements Work
{
    public function __construct(private Cord $cord) {}

    public function word(): string
    {
        return 'stretch';
    }

    public function cord(): Cord
    {
        return $this->cord;
    }

    public function reading(int $count, ?Length $length, ?Length $used): null
    {
        return null;
    }

    public function least(int $count, ?Length $length): Length
    {
        return Length::zero();
    }
}
