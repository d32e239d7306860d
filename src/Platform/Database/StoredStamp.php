<?php

declare(strict_types=1);

namespace Rinkel\App\Platform\Database;

use Doctrine\ORM\Mapping as ORM;

/**
 * The one row of a number that grows with every change to the database; ImmediateTransactions counts it on.
 */
#[ORM\Entity]
#[ORM\Table('change_stamp')]
final class StoredStamp
{
    public function __construct(
        #[ORM\Id, ORM\GeneratedValue, ORM\Column]
        public readonly int $id,
        #[ORM\Column]
        public readonly int $number,
    ) {}
}
