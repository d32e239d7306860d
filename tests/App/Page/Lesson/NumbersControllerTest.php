<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Page\Lesson;

use Opis\JsonSchema\Validator;
use Rinkel\Core\Sizing\QuotedNumbers;
use Rinkel\Tests\App\WebCase;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\CommandTester;

final class NumbersControllerTest extends WebCase
{
    public function testTablesAreOfTheCordThatIsAskedFor(): void
    {
        $page = $this->browser->request('GET', '/numbers', ['fibre' => 'leather', 'thickness' => '2 mm']);
        self::assertResponseIsSuccessful();
        self::assertStringContainsString('2 mm leather', $page->filter('#n-times')->text());
        self::assertCount(5, $page->filter('#numbers table tbody tr th[scope=row]')->slice(0, 5));
        $charts = $page->filter('#numbers svg');
        self::assertCount(4, $charts);
        self::assertCount(\count(QuotedNumbers::CORES), $charts->first()->filter('.gauge-span'));
        self::assertGreaterThan(0, $charts->last()->filter('.gauge-comfortable')->count(), 'where the rule fits');
        $page = $this->browser->request('GET', '/numbers', ['thickness' => 'thick']);
        self::assertResponseStatusCodeSame(422);
        self::assertSame('thick', $page->filter('#n-thickness')->attr('value'));
        self::assertCount(1, $page->filter('#n-fault'));
        $this->browser->request('GET', '/numbers', ['thickness' => '50 mm', 'fibre' => 'wire']);
        self::assertResponseStatusCodeSame(422);
    }

    public function testTheFileAndTheCommandAreOneDocument(): void
    {
        $this->browser->request('GET', '/numbers.json', ['fibre' => 'nylon', 'thickness' => '0.8 mm']);
        $file = (string) $this->browser->getResponse()->getContent();
        $schema = (string) file_get_contents(\dirname(__DIR__, 4).'/docs/numbers.schema.json');
        self::assertTrue((new Validator())->validate(json_decode($file), $schema)->isValid());
        self::assertNotNull(self::$kernel);
        $command = new CommandTester((new Application(self::$kernel))->find('rinkel:numbers'));
        self::assertSame(0, $command->execute(['--fibre' => 'nylon', '--thickness' => '0.8 mm']));
        self::assertEquals(json_decode($file, true), json_decode($command->getDisplay(), true));
        self::assertSame(1, $command->execute(['--fibre' => 'wire']));
        self::assertSame(1, $command->execute(['--thickness' => 'thick']));
        $this->browser->request('GET', '/numbers.json', ['thickness' => 'thick']);
        self::assertResponseStatusCodeSame(422);
    }
}
