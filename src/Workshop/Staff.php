<?php

declare(strict_types=1);

namespace Rinkel\App\Workshop;

use Rinkel\App\Platform\Database\ExclusiveTransaction;
use Symfony\Component\DependencyInjection\Attribute\AutowireIterator;

/**
 * Makes a workshop of one maker's Rinkel, and one maker's of a workshop.
 */
final readonly class Staff
{
    /**
     * @param iterable<Personal> $personal
     */
    public function __construct(
        private Workshop $workshop,
        private ExclusiveTransaction $alone,
        #[AutowireIterator(Personal::class)]
        private iterable $personal,
    ) {}

    /**
     * Adds the second person, and before them whoever works here already, as an owner: what was measured and made until
     * now is of their hand.
     *
     * @return array{Member, Member, string} the owner, the other and the word by which they choose a password
     */
    public function begin(string $owner, #[\SensitiveParameter] string $password, string $other, Role $role): array
    {
        return $this->alone->run(function () use ($owner, $password, $other, $role): array {
            $first = $this->workshop->add($owner, Role::Owner);
            $this->workshop->choose($first, $password);
            foreach ($this->personal as $one) {
                $one->pass('', $first->uid());
            }
            $second = $this->workshop->add($other, $role);

            return [$first, $second, $this->workshop->reinvite($second)];
        });
    }

    /**
     * @return array{Member, string} somebody more, and the word by which they choose a password
     */
    public function add(string $name, Role $role): array
    {
        return $this->alone->run(function () use ($name, $role): array {
            $member = $this->workshop->add($name, $role);

            return [$member, $this->workshop->reinvite($member)];
        });
    }

    /**
     * Where somebody went and one maker is left, what is theirs holds for all that is theirs alone again.
     */
    public function settle(): void
    {
        $left = $this->workshop->members();
        if (1 === \count($left)) {
            foreach ($this->personal as $one) {
                $one->pass($left[0]->uid(), '');
            }
        }
    }
}
