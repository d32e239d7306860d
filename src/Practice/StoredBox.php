<?php

declare(strict_types=1);

namespace Rinkel\App\Practice;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Rinkel\Core\Practice\Boxes;

/**
 * How well an exercise is known, and when it is due again.
 */
#[ORM\Entity]
#[ORM\Table('practice_box')]
class StoredBox
{
    #[ORM\Column]
    private int $box = 1;

    #[ORM\Column(options: ['default' => 0])]
    private int $asked = 0;

    public function __construct(
        #[ORM\Id, ORM\Column(length: 40)]
        private string $exercise,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
        private \DateTimeImmutable $dueAt,
    ) {}

    public function exercise(): string
    {
        return $this->exercise;
    }

    public function box(): int
    {
        return $this->box;
    }

    /**
     * Returns how often it was asked.
     */
    public function asked(): int
    {
        return $this->asked;
    }

    public function dueAt(): \DateTimeImmutable
    {
        return $this->dueAt;
    }

    public function answered(bool $isRight, \DateTimeImmutable $now): void
    {
        $this->box = Boxes::after($this->box, $isRight);
        $this->dueAt = $now->modify('+'.Boxes::days($this->box).' days');
        ++$this->asked;
    }

    public function become(int $box, int $asked, \DateTimeImmutable $due): void
    {
        [$this->box, $this->asked, $this->dueAt] = [$box, $asked, $due];
    }
}
