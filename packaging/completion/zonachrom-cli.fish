# Completion of zonachrom-cli for fish. The program itself says what there is, so that this never falls behind.
function __zonachrom_cli
    set -l words (commandline -opc) (commandline -ct)
    for line in (zonachrom-cli --complete $words[2..-1] 2>/dev/null)
        if not string match -q ':files*' -- $line
            echo $line
            continue
        end
        set -l endings (string split -n ' ' -- (string replace ':files' '' -- $line))
        if test (count $endings) -eq 0
            __fish_complete_path (commandline -ct)
        else
            for ending in $endings
                __fish_complete_suffix $ending
            end
        end
    end
end
complete -c zonachrom-cli -f -a '(__zonachrom_cli)'
