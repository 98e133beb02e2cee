<?php

declare(strict_types=1);

namespace NorthBough\Core\Naming\Variants;

/**
 * Given names that stand for one another: the full form, its spellings, short and pet forms, and what registers in
 * other languages made of it. A table of our own from general knowledge; users add groups of theirs.
 */
final class GivenNames
{
    public const GROUPS = [
        'abigail abby gail nabby', 'abraham abram abe bram', 'adam ade edie', 'agnes aggie nessie nancy annis agnus ines',
        'albert bert bertie al albrecht',
        'alexander alec alex sandy sander alasdair alistair alick sasha alexr', 'alice alys alicia elsie ally', 'alfred alf fred alfie',
        'amelia emily millie amy milly',
        'andrew andy drew andreas anders andrea dandy andw', 'ann anne anna annie hannah nan nancy nanny annette anneke',
        'anthony antony tony anton antonius', 'archibald archie baldie archd',
        'arthur art artie', 'augustus gus august augustin austin', 'barbara babs bab barbary',
        'bartholomew bart bat bartle barth bartholomeus', 'beatrice bea trixie beatrix',
        'benjamin ben benny benjie benj', 'bernard barney barnard bernhard', 'bridget biddy bride brigid delia bridie birgit', 'caleb cale',
        'caroline carrie lina carolina karoline',
        'catherine katherine kathryn kate kitty cathy katie kit cat katharina catharine trina kathleen caitlin cath',
        'cecilia cecily cis sissy celia cicely', 'charles charlie chas carl karl carolus chuck',
        'charlotte lottie charlotta lotte', 'christian chris kristian christen',
        'christina christine chris kirsty kirsten tina kristina chrissie christiana', 'christopher kit chris kester christoph christoffer',
        'clara clare claire klara', 'constance connie constantia', 'cornelius con neil kees', 'daniel dan danny danl',
        'david dave davy dai',
        'deborah deb debby', 'denis dennis dionysius', 'dorcas dorkas',
        'dorothy dolly dot dora dorothea dorrit dottie', 'edith edie', 'edmund ned edmond ed',
        'edward ned ted ed eddie teddy eduard edvard edwd', 'eleanor ellen nell nellie elinor nora helen leonora lenora elin',
        'elizabeth eliza betty betsy bess beth lizzie liz elspet elspeth isabel isobel isbel libby lisa elisabeth elsie lilibet bet '
            .'bessie ella ealasaid', 'emma em emmie', 'ernest ernie ernst', 'esther hester hetty essie',
        'euphemia effie phemie', 'eve eva evie', 'ewan euan ewen eoghan owen evan', 'ezekiel zeke', 'florence flo flossie flora',
        'frances fanny fran francis franny francisca', 'francis frank fran franz franciscus frans',
        'frederick fred freddy fritz friedrich frederic fredk', 'gabriel gabe', 'geoffrey jeff jeffrey godfrey',
        'george geordie georg jorgen dod georgius jory geo', 'gerald gerry gerard', 'gertrude gertie trudy', 'gilbert gil bert gib',
        'grace gracie', 'gregory greg gregor', 'griffith griff', 'hannah hanna nan annie', 'harold harry hal harald',
        'harriet hattie harriot henrietta hetty', 'helen nell nellie ellen helena lena elena',
        'henry harry hal hank henrik heinrich henri henricus', 'hezekiah hez', 'hugh hughie huw hew hugo shug', 'humphrey numps humfrey',
        'ignatius iggy inigo', 'irene rena', 'isaac ike zac isaak',
        'isabella bella isabel belle tibbie ella isobel', 'jacob jake jakob jacobus', 'james jim jimmy jamie jem jacobus seamus hamish jas',
        'jane jean janet jenny joan jeanne jennet jenifer johanna', 'jasper caspar gaspar kaspar',
        'jemima mima', 'jeremiah jerry jeremy', 'joan johanna joanna jone jean', 'job joby',
        'john jack johnny jon ian johan johannes hans jan ivan sean evan jock jens juan giovanni jno', 'jonathan jon jonty nathan',
        'joseph joe jo josephus josef jos',
        'joshua josh', 'joyce jocosa', 'judith judy jude', 'julia julie gill juliana gillian', 'keziah kezia hezzy kizzie kissy kez',
        'laurence lawrence larry lars laurie lorenz', 'leonard len lennie leonhard', 'letitia lettice letty tish',
        'lewis louis lou ludwig lewie', 'louisa louise lou lulu', 'lucy lucia luce lucinda', 'luke lucas', 'lydia liddy',
        'mabel amabel mab', 'madeline magdalene maud lena madge magdalena', 'magnus mans manus',
        'margaret maggie meg peggy peg madge marjorie margery greta maisie daisy rita mysie margareta marget meggie margt',
        'martha patty matty mattie', 'martin mart marten', 'mary molly polly mae may maria marie mally moll minnie maire mamie',
        'matilda tilly maud maude matty', 'matthew matt mat matthias mathew matthaeus', 'michael mike mick micky mikael michel',
        'millicent milly', 'miriam mary mimi', 'mordecai mort', 'nathaniel nat nathan nate',
        'nicholas nick colin klaus nicolas nils col claus',
        'oliver ollie noll', 'osmund osmond', 'patience pat', 'patrick pat paddy peter padraig', 'paul pol paulus', 'penelope penny nell',
        'peter pete piers petrus per peder pierce pieter', 'philip phil pip phillip', 'philippa pippa', 'phoebe phebe',
        'priscilla cilla prissy', 'prudence prue', 'rachel rae ray', 'ralph rafe rolf', 'rebecca becky becca rebekah',
        'reginald reg rex reggie reynold', 'richard dick rick dickon hick richie richd',
        'robert bob rob bobby robin bert hob dob rab rupert robbie robt',
        'roderick rory rod', 'roger hodge rodger', 'roland rowland rollo', 'rosamund rose rosa rosie', 'ruth ruthie',
        'samuel sam sammy saml',
        'sarah sally sal sadie sara', 'sebastian seb bastian', 'silas silvanus', 'simon sim simeon symon', 'solomon sol',
        'sophia sophie sofia', 'stephen steve steven stephan stefan', 'susan susanna sue sukey susannah suky suzanne', 'sylvester vester',
        'tabitha tabby', 'tamsin thomasin thomasine tamsine', 'theodore ted theo tudor', 'theresa tess terry tessa',
        'thomas tom tommy tam thos',
        'timothy tim', 'ursula ursley', 'valentine val', 'victoria vicky vic tory', 'vincent vin vince', 'walter wat walt wally',
        'wilfred wilf', 'wilhelmina mina willa minnie wilma',
        'william bill will willy billy wilhelm liam guillaume wm gulielmus willem willm',
        'winifred winnie freda',
        'zachariah zachary zac zach zak zechariah',
    ];
}
