<?php

declare(strict_types=1);

namespace Rinkel\Tests\Beyond;

use Rinkel\Tests\Served\ServedCase;

/**
 * Two servers over one database, as behind one nginx: whoever asks one after the other notices nothing of it.
 */
final class TwoServersTest extends ServedCase
{
    public function testWhatOneDoesTheOtherKnows(): void
    {
        [$one, $other] = $this->two();
        $this->address = $one;
        $path = $this->lay();
        $before = $this->ask('/changes')[1];
        $this->address = $other;
        self::assertSame($before, $this->ask('/changes')[1]);
        self::assertSame(200, $this->act($path, [['f' => ['name' => 'Seen from both']]])[0]);
        $this->address = $one;
        self::assertGreaterThan((int) $before, (int) $this->ask('/changes')[1]);
        self::assertStringContainsString('Seen from both', $this->ask($path)[1]);

        // A form that is sent again to the other is done once.
        $form = ['name' => 'Somebody', 'once' => str_repeat('ab', 16)];
        $first = $this->ask('/people', $form, []);
        $this->address = $other;
        self::assertSame($first[2]['location'] ?? '', $this->ask('/people', $form, [])[2]['location'] ?? '');
        self::assertSame(1, substr_count($this->ask('/people')[1], 'value="Somebody"'));
    }

    /**
     * Guesses are counted wherever they are made.
     */
    public function testGuessesAreCountedTogether(): void
    {
        [$one, $other] = $this->two();
        $this->address = $one;
        $form = ['own' => 'Ada', 'password' => 'three grey cords', 'name' => 'Bo', 'role' => 'maker'];
        $this->ask('/workshop', $form, []);
        for ($i = 0; $i < 10; ++$i) {
            $this->address = [$one, $other][$i % 2];
            self::assertSame(422, $this->ask('/sign-in', ['name' => 'Ada', 'password' => 'wrong '.$i], [])[0]);
        }
        foreach ([$one, $other] as $this->address) {
            self::assertSame(429, $this->ask('/sign-in', ['name' => 'Ada', 'password' => 'three grey cords'], [])[0]);
        }
        $this->address = $other;
        self::assertSame(422, $this->ask('/sign-in', ['name' => 'Bo', 'password' => 'wrong'], [])[0]);
    }

    /**
     * @return array{string, string} their addresses
     */
    private function two(): array
    {
        $this->migrate();
        $this->serve();
        $one = $this->address;
        $this->serve();

        return [$one, $this->address];
    }
}
