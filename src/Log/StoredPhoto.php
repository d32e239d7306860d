<?php

declare(strict_types=1);

namespace Rinkel\App\Log;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/**
 * A photo as JPEG, by the uid of what it shows: an entry of the log, a piece, or something that is being made. Photos are fetched one by one, by Photos.
 */
#[ORM\Entity]
#[ORM\Table('photo')]
class StoredPhoto
{
    public function __construct(
        #[ORM\Id, ORM\Column(length: 32)]
        public readonly string $uid,
        #[ORM\Column(type: Types::BLOB)]
        public readonly mixed $jpeg,
    ) {}
}
