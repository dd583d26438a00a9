<?php

namespace App\Shelf\Import;

/** What a column of a file can say of a thing on the shelf, and what people call it. */
enum Column: string
{
    case Ware = 'ware';
    case Name = 'name';
    case Colour = 'colour';
    case Hatch = 'hatch';
    case Width = 'width';
    case Weave = 'weave';
    case Body = 'body';
    case Edge = 'edge';
    case Roll = 'roll';
    case Left = 'left';
    case Count = 'count';
    case As = 'as';
    case Lot = 'lot';
    case Kept = 'kept';
    case Known = 'known';
    case Allowance = 'allowance';
    case Paid = 'paid';
    case Price = 'price';
    case Supplier = 'supplier';
    case Low = 'low';
    case Pack = 'pack';
    case About = 'about';
    case NewWeight = 'newWeight';
    case CoreWeight = 'coreWeight';
    case NewAcross = 'newAcross';
    case CoreAcross = 'coreAcross';
    case Weighs = 'weighs';
    case Wired = 'wired';
    case Sides = 'sides';
    case Print = 'print';
    case Frays = 'frays';

    public function words(): string
    {
        return $this->names()[0];
    }

    /** @return non-empty-list<string> as it may be called in a file, the usual one first */
    public function names(): array
    {
        return match ($this) {
            self::Ware => ['kind', 'ware', 'type', 'category'],
            self::Name => ['name', 'item', 'description', 'product', 'title'],
            self::Colour => ['colour', 'color', 'hex'],
            self::Hatch => ['hatch', 'pattern'],
            self::Width => ['width', 'wide'],
            self::Weave => ['weave', 'finish'],
            self::Body => ['body', 'what it is like'],
            self::Edge => ['edge', 'edges'],
            self::Roll => ['length of a new roll', 'roll', 'roll length', 'full length', 'new length'],
            self::Left => ['left', 'length left', 'remaining', 'length', 'amount', 'on hand', 'how much', 'how much is left'],
            self::Count => ['how many', 'count', 'quantity', 'qty', 'pieces', 'rolls', 'number'],
            self::As => ['lies as', 'as', 'form'],
            self::Lot => ['lot', 'run', 'batch', 'dye lot'],
            self::Kept => ['kept', 'stored in', 'stored', 'where', 'place', 'location', 'bin', 'shelf'],
            self::Known => ['how it is known', 'known', 'measured'],
            self::Allowance => ['allowance', 'grade'],
            self::Paid => ['paid', 'cost', 'paid price', 'price paid', 'paid each', 'cost each', 'unit cost', 'bought at'],
            self::Price => ['list price', 'price', 'listed at', 'replacement price', 'price each', 'each', 'unit price'],
            self::Supplier => ['supplier', 'shop', 'vendor', 'from', 'store'],
            self::Low => ['low below', 'low', 'low stock', 'reorder at', 'minimum'],
            self::Pack => ['pack', 'pack size', 'per pack'],
            self::About => ['about', 'note', 'notes', 'remark'],
            self::NewWeight => ['weight of a new roll', 'full weight', 'new weight'],
            self::CoreWeight => ['weight of its core', 'core weight', 'core'],
            self::NewAcross => ['a new roll across', 'new diameter', 'full diameter'],
            self::CoreAcross => ['its core across', 'core diameter'],
            self::Weighs => ['weight of one', 'weight each', 'piece weight'],
            self::Wired => ['wired', 'wire'],
            self::Sides => ['sides', 'sided'],
            self::Print => ['print', 'upright'],
            self::Frays => ['frays', 'fraying'],
        };
    }

    /**
     * Which column of a file says what, as far as its header can be read.
     *
     * @param  list<string>  $header
     * @return array<string, int> the place in the file, by column
     */
    public static function guess(array $header): array
    {
        $plain = array_map(
            fn (string $name): string => trim((string) preg_replace('/[^\p{L}\p{N}]+/u', ' ', mb_strtolower($name))),
            $header,
        );
        $guess = [];
        foreach (self::cases() as $column) {
            foreach ([$column->value, ...$column->names()] as $name) {
                $place = array_search(mb_strtolower($name), $plain, true);
                if ($place !== false && ! in_array($place, $guess, true)) {
                    $guess[$column->value] = $place;
                    break;
                }
            }
        }

        return $guess;
    }
}
