#include <cstdio>
#include <vector>

namespace harbour {

template <typename Number>
Number highest(const std::vector<Number> &all)
{
    Number most = 0;
    for (Number one : all)
        if (one > most)
            most = one;
    return most;
}

class Buoy {
  public:
    explicit Buoy(int number) : number(number) {}

    int blink(bool fog) const
    {
        if (fog)
            return number * 2;
        return number;
    }

  private:
    int number;
};

}  // namespace harbour

int main()
{
    harbour::Buoy buoy(7);
    std::printf("%d %f\n", harbour::highest(std::vector<int>{1, 9, 3}),
                harbour::highest(std::vector<double>{}));
    auto twice = [](int times) { return times > 1 ? times * 2 : 1; };
    return buoy.blink(false) == twice(1);
}
