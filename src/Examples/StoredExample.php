<?php

declare(strict_types=1);

namespace Rinkel\App\Examples;

use Doctrine\ORM\Mapping as ORM;
use Rinkel\App\Kept\Passing;

/**
 * Notes of one thing that it belongs to the example data, so that it goes with it.
 */
#[ORM\Entity]
#[Passing]
#[ORM\Table('example')]
class StoredExample
{
    /**
     * @param string $what the word of its kind and its uid
     */
    public function __construct(
        #[ORM\Id, ORM\Column(length: 120)]
        public readonly string $what,
    ) {}
}
